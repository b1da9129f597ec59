import { assumedFacts, type Facts } from '../job/document';
import { SAMPLES } from '../samples';
import { homeownerPage } from './homeowner';

const text = (facts: Facts) =>
  homeownerPage(facts)
    .map(({ title, lines }) => `${title}: ${lines.join(' ')}`)
    .join('\n');

test('says this house’s own figures', () => {
  const page = text(SAMPLES[2]!.facts);
  expect(page).toMatch(/Down to about 20 °F/);
  expect(page).toMatch(/9\.6 kW/);
  expect(page).toMatch(/Above 40 °F outdoors they are kept off/);
  expect(page).toMatch(/Basin crew/);
});

test('a house without strips is told nothing of auxiliary or emergency heat', () => {
  const facts = { ...assumedFacts(), heatKit: { ...assumedFacts().heatKit, elements: [] } };
  expect(text(facts)).not.toMatch(/auxiliary|Emergency/);
  expect(text(facts)).toMatch(/Below that the house cools slowly/);
});

test('speaks no shop', () => {
  for (const { facts } of SAMPLES) expect(text(facts)).not.toMatch(/\b(CFM|W1|COP|sequencer|contactor|lockout|VA)\b/);
});
