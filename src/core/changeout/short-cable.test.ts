import { checkEquipment } from '../check/equipment';
import { applyChanges, blankJob, type FactPath, type Facts, withFact } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { families } from '../wiring/families';
import { plan } from '../wiring/plan';
import { cableSavers, shortCables } from './short-cable';

const facts = (of: Facts, ...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), of);
const under = (of: Facts, changes: ReturnType<typeof cableSavers>[number]['changes']) =>
  applyChanges({ ...blankJob(), facts: of }, changes).facts;
const missing = (of: Facts) =>
  plan(of).conductors.filter(({ from, colour }) => from !== null && colour === null).length;
const errors = (of: Facts) =>
  checkEquipment(jobModel(of)).filter(({ severity, rule }) => severity === 'error' && rule !== 'enough-conductors');

const wired = facts(
  SAMPLES[2]!.facts,
  ['thermostat.outdoorSensor', 'wired'],
  ['gates.outdoorThermostats', []],
  ['cables.outdoorConductors', 8],
);
const needed = plan(wired).conductors.filter(({ cable, from }) => cable === 'thermostat-cable' && from !== null).length;
const short = (by: number) => facts(wired, ['cables.thermostatConductors', needed - by]);

test('a cable with enough conductors has nothing to give up', () => {
  expect(shortCables(plan(wired))).toEqual([]);
  expect(cableSavers(wired)).toEqual([]);
});

test('a short one says what is needed and what to pull: one more conductor, 15 % slack', () => {
  const [cable] = shortCables(plan(facts(short(2), ['cables.thermostatLengthFt', 50])));
  expect(cable).toMatchObject({ cable: 'thermostat-cable', needed, there: needed - 2, pull: { feet: 58 } });
  expect(cable!.pull.conductors).toBeGreaterThan(needed);
});

test('two short: a sensor on its own pair or wireless frees both; so does a multi-conductor cable', () => {
  const ways = cableSavers(short(2));
  expect(ways.filter(({ steps }) => steps === 1).map(({ id }) => id)).toEqual(
    expect.arrayContaining(['sensor-own-pair', 'multi-conductor', 'sensor-wireless']),
  );
  expect(ways.map(({ id }) => id)).not.toContain('batteries');
});

test.each([1, 2, 3, 4])('%i short: each option is enough as it is, least given up first', (by) => {
  const ways = cableSavers(short(by));
  expect(ways.length).toBeGreaterThan(0);
  for (const { id, changes } of ways) expect([id, missing(under(short(by), changes))]).toEqual([id, 0]);
  expect(ways.map(({ steps }) => steps)).toEqual([...ways.map(({ steps }) => steps)].sort((a, b) => a - b));
});

test('four short without a sensor: a combination is offered at once, and no part of it is unneeded', () => {
  const of = facts(
    SAMPLES[2]!.facts,
    ['thermostat.outdoorSensor', 'none'],
    ['gates.auxAboveF', null],
    ['gates.compressorBelowF', null],
    ['cables.thermostatConductors', 4],
  );
  const ways = cableSavers(of);
  for (const { id, steps } of ways) expect(id.split('+')).toHaveLength(steps);
  const sets = ways.map(({ id }) => id.split('+'));
  for (const set of sets)
    for (const other of sets)
      if (other !== set) expect([set, set.every((id) => other.includes(id))]).toEqual([set, false]);
});

test('one conductor on Y and G: the plan joins them at the air handler, and the fan does not run by itself', () => {
  const of = facts(SAMPLES[0]!.facts, ['boxes.yBringsBlower', true]);
  const planned = plan(of);
  const atWall = planned.conductors.filter(({ cable }) => cable === 'thermostat-cable');
  expect(atWall.filter(({ from }) => from?.mark === 'G')).toEqual([]);
  expect(planned.jumpers.some(({ from, to }) => /^Y/.test(from.mark) && to.mark === 'G')).toBe(true);
});

test('defrost without strips frees a conductor and changes the year; options that only move wires cost nothing', () => {
  const outdoor = plan(wired).conductors.filter(({ cable, from }) => cable === 'outdoor-cable' && from !== null).length;
  const of = facts(wired, ['cables.outdoorConductors', outdoor - 1], ['outdoorUnit.stripsInDefrost', true]);
  const ways = cableSavers(of);
  expect(ways.find(({ id }) => id === 'cold-defrost')!.yearMore).toBeLessThan(0);
  expect(ways.find(({ id }) => id === 'sensor-own-pair')!.yearMore).toBe(0);
});

test('on every kind of system, every option offered is enough and breaks no rule', () => {
  for (const { id, facts: of } of families().filter((_, at) => at % 197 === 0)) {
    const tight = facts(of, ['cables.thermostatConductors', 5], ['cables.outdoorConductors', 4]);
    const before = new Set(errors(facts(of, ['cables.thermostatConductors', 10])).map(({ rule }) => rule));
    for (const { id: way, changes, loses } of cableSavers(tight)) {
      const then = under(tight, changes);
      expect([id, way, missing(then)]).toEqual([id, way, 0]);
      expect(loses).toMatch(/\.$/);
      const roomy = facts(then, ['cables.thermostatConductors', 10], ['cables.outdoorConductors', 10]);
      expect([
        id,
        way,
        errors(roomy)
          .filter(({ rule }) => !before.has(rule))
          .map(({ what }) => what),
      ]).toEqual([id, way, []]);
    }
  }
});

test('a sensor on its own pair bypasses the boards: no conductor of their cables, no terminal', () => {
  const own = plan(facts(wired, ['cables.sensorRun', 'own']));
  const sensor = own.conductors.filter(({ carries }) => carries === 'outdoor sensor');
  expect(sensor.map(({ cable }) => cable).sort()).toEqual([
    'leads-outdoor-sensor',
    'leads-outdoor-sensor',
    'leads-thermostat',
    'leads-thermostat',
  ]);
  const boards = own.devices.filter(({ id }) => id !== 'thermostat' && id !== 'outdoor-sensor');
  const landed = boards.flatMap(({ terminals }) => terminals.filter(({ mark }) => /^S[12]$/.test(mark)));
  expect(landed.map(({ isSplice }) => isSplice)).toEqual([true, true]);
  expect(own.cables.find(({ id }) => id === 'leads-thermostat')).toMatchObject({ label: 'Sensor’s own pair' });
  expect(errors(facts(wired, ['cables.sensorRun', 'own']))).toEqual([]);
});
