import { balanceInput } from '../balance/from-job';
import { carriesDownToF, loadCurve } from '../balance/load';
import { assumedFacts, type Facts } from '../job/document';
import { SAMPLES } from '../samples';
import { homeownerPage } from './homeowner';

const text = (facts: Facts) =>
  homeownerPage(facts)
    .map(({ title, lines }) => `${title}: ${lines.join(' ')}`)
    .join('\n');

test('gives this house’s own figures', () => {
  const page = text(SAMPLES[2]!.facts);
  expect(page).toMatch(/Down to about 20 °F/);
  expect(page).toMatch(/9\.6 kW/);
  expect(page).toMatch(/Above 40 °F outside they stay off/);
  expect(page).toMatch(/Basin crew/);
});

test('a house without strips is told nothing about auxiliary or emergency heat', () => {
  const facts = { ...assumedFacts(), heatKit: { ...assumedFacts().heatKit, elements: [] } };
  expect(text(facts)).not.toMatch(/auxiliary|Emergency/);
  expect(text(facts)).toMatch(/Below that the house cools slowly/);
});

test('uses no trade jargon', () => {
  for (const { facts } of SAMPLES) expect(text(facts)).not.toMatch(/\b(CFM|W1|COP|sequencer|contactor|lockout|VA)\b/);
});

test('emergency heat says how cold it can hold this house, by the load line; a large enough kit, down to design', () => {
  const { facts } = SAMPLES[2]!;
  const { load } = balanceInput(facts);
  // By hand: load is linear from design to zero at the no-heat temperature.
  const heldF = load.noLoadF - ((9.6 * 3412.14) / load.designBtuh) * (load.noLoadF - load.designOutdoorF);
  expect(carriesDownToF(load, 9.6 * 3412.14)).toBeCloseTo(heldF, 6);
  expect(loadCurve(load).at(heldF)).toBeCloseTo(9.6 * 3412.14, 3);
  const words = text(facts);
  if (heldF > load.designOutdoorF) expect(words).toContain('By itself it holds the house down to about');
  else expect(words).toContain('in the coldest weather the system was designed for');
  const small = {
    ...facts,
    heatKit: { ...facts.heatKit, elements: facts.heatKit.elements.slice(0, 1).map((each) => ({ ...each, kW: 3 })) },
  };
  expect(text(small)).toMatch(/On its own it heats the house down to about \d+ °F outside\. In deeper cold/);
});
