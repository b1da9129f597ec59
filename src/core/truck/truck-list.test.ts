import type { FactPath, Facts } from '../job/document';
import { withFact } from '../job/document';
import { SAMPLES } from '../samples';
import { wireRows } from '../wiring/as-found';
import { familyById } from '../wiring/families';
import { plan } from '../wiring/plan';
import { dayList, truckList } from './truck-list';

const facts = (of: Facts, ...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), of);
const list = (of: Facts, confirmed: readonly FactPath[] = []) =>
  truckList({ facts: of, confirmed: new Set(confirmed), readings: [] });
const said = (of: Facts, confirmed: readonly FactPath[] = []) =>
  list(of, confirmed).map(({ label, amount, unit }) => `${amount}${unit && ` ${unit}`} ${label}`);

const proved = facts(SAMPLES[2]!.facts, ['thermostat.outdoorSensor', 'none']);

test('nobody has looked: both cables with a spare and 15 % slack, and the jumper', () => {
  const { thermostatLengthFt, outdoorLengthFt } = proved.cables;
  expect(said(proved)).toEqual([
    `${Math.ceil(thermostatLengthFt * 1.15)} ft Control cable, 18 AWG, 7 conductors`,
    `${Math.ceil(outdoorLengthFt * 1.15)} ft Control cable, 18 AWG, 6 conductors`,
    '1 Jumpers, 18 AWG',
  ]);
});

test('what was counted, found or ticked is on site', () => {
  const counted: FactPath[] = ['cables.thermostatConductors', 'cables.outdoorConductors'];
  expect(said(proved, counted)).toEqual(['1 Jumpers, 18 AWG']);
  expect(said(facts(proved, ['changeout.onSite', [{ key: 'jumper' }]]), counted)).toEqual([]);
  const asFound = wireRows(plan(proved));
  expect(said(facts(proved, ['wiring.asFound', asFound]))).toEqual([]);
  const withoutJumper = asFound.filter(({ cable }) => cable !== 'jumper');
  expect(said(facts(proved, ['wiring.asFound', withoutJumper]))).toEqual(['1 Jumpers, 18 AWG']);
});

test('a short cable is replaced although it was counted', () => {
  const short = facts(proved, ['cables.thermostatConductors', 4], ['cables.thermostatLengthFt', 50]);
  expect(said(short, ['cables.thermostatConductors', 'cables.outdoorConductors'])[0]).toBe(
    '58 ft Control cable, 18 AWG, 7 conductors',
  );
});

test('added parts, sensor, switches, conversion kit', () => {
  const propane = familyById('propane+aux-e+single+no-w+interlock-relay+o')!.facts;
  expect(said(propane)).toEqual(
    expect.arrayContaining(['1 Interlock', '1 Low-gas switch', '1 Propane conversion kit: spring, orifices, label']),
  );
  const gated = familyById('w1-w2+aux-e+single+w-out+two-thermostats+sensor+o')!.facts;
  expect(said(gated)).toEqual(
    expect.arrayContaining([
      '2 Outdoor thermostat, closes as it gets cold',
      '1 Outdoor sensor, wired',
      '1 Emergency relay',
    ]),
  );
});

test('breakers and copper that the kit needs and that were not found', () => {
  const wrong = facts(proved, ['heatKit.breakersAmps', [50]], ['heatKit.conductorsAwg', [8]]);
  expect(said(wrong)).toEqual(
    expect.arrayContaining(['1 Breaker, two-pole, 60 A', '1 Copper, 6 AWG: two conductors and ground']),
  );
});

test('a rung that reads open: its element, link and limit by their ratings', () => {
  const readings = SAMPLES[2]!.readings.map((reading) =>
    reading.status === 'taken' && reading.item === 'element-ohms/ohms-2'
      ? { ...reading, value: 'OL' as const }
      : reading,
  );
  const lines = truckList({ facts: proved, confirmed: new Set(), readings }).map(({ label }) => label);
  expect(lines).toEqual(
    expect.arrayContaining([
      'Element, 4.8 kW at 240 V',
      'Fusible link, at the rating stamped on the old one',
      'Limit, at the rating stamped on the old one',
    ]),
  );
});

test('a day’s jobs add up: feet to feet, parts to parts', () => {
  const job = { facts: proved, confirmed: new Set<FactPath>(), readings: [] };
  const [one, two] = [truckList(job), dayList([job, job])];
  expect(two.map(({ key, amount }) => [key, amount])).toEqual(one.map(({ key, amount }) => [key, 2 * amount]));
  expect(dayList([])).toEqual([]);
});
