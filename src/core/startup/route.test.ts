import { DEFAULT_MOMENT } from '../control/moment';
import { said } from '../job/test-readings';
import { VISIT_REASONS, type VisitReason } from '../job/visit';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { families } from '../wiring/families';
import { itemPlace } from './item-place';
import type { PlannedStep } from './planned';
import { type People, placeRoute, plainRoute } from './route';
import { startupOf } from './startup-of';
import { forVisit } from './visit-list';

const ONE_OR_TWO: readonly People[] = [1, 2];
const startup = (facts: (typeof SAMPLES)[number]['facts']) => startupOf(jobModel(facts), [], DEFAULT_MOMENT);
const ids = (steps: readonly PlannedStep[]) => steps.map(({ step }) => step.id);
const keys = (steps: readonly PlannedStep[]) => steps.flatMap(({ items }) => items.map(({ key }) => key)).sort();
const REASONS = Object.keys(VISIT_REASONS) as VisitReason[];

/** Pairs whose order may never change, whatever time it saves. */
const ALWAYS: readonly (readonly [string, string])[] = [
  ['make-safe', 'element-ohms'],
  ['make-safe', 'supply-volts'],
  ['element-ohms', 'supply-volts'],
  ['supply-volts', 'control-volts'],
  ['control-volts', 'heat'],
  ['conditions', 'heat'],
  ['heat', 'defrost'],
  ['furnace', 'gas'],
  ['furnace', 'oil'],
  ['gates', 'leave'],
  ['outage', 'leave'],
];

test('on every kind of system and visit: nothing lost, nothing before what it needs, never more walking than before', () => {
  const every = families().filter((_, at) => at % 61 === 0);
  for (const { id, facts } of [...every, ...SAMPLES])
    for (const reason of REASONS)
      for (const people of ONE_OR_TWO) {
        const steps = forVisit(startup(facts), reason);
        const [plain, route] = [plainRoute(facts, steps, people), placeRoute(facts, steps, people)];
        expect([id, reason, keys(route.steps)]).toEqual([id, reason, keys(steps)]);
        const order = ids(route.steps);
        expect(order.at(-1)).toBe(ids(steps).at(-1));
        for (const [one, other] of ALWAYS)
          if (order.includes(one) && order.includes(other))
            expect([id, one, other, order.indexOf(one) < order.indexOf(other)]).toEqual([id, one, other, true]);
        expect(route.minutes + 2 * route.climbs).toBeLessThanOrEqual(plain.minutes + 2 * plain.climbs + 1);
      }
});

test('an ordinary new installation climbs less and waits less; a second person at the thermostat saves more', () => {
  const { facts } = SAMPLES[0]!;
  const steps = forVisit(startup(facts), 'new');
  const [plain, alone, two] = [plainRoute(facts, steps, 1), placeRoute(facts, steps, 1), placeRoute(facts, steps, 2)];
  expect(alone.climbs).toBeLessThan(plain.climbs);
  expect(alone.minutes).toBeLessThan(plain.minutes - 10);
  expect(two.minutes).toBeLessThan(alone.minutes);
});

test('within a step, readings at one place are together', () => {
  const { facts } = SAMPLES[0]!;
  for (const { step, items } of placeRoute(facts, startup(facts), 1).steps) {
    const places = items.map(({ item }) => itemPlace(facts, step.id, item));
    const turns = places.filter((place, at) => at > 0 && place !== places[at - 1]).length;
    expect([step.id, turns]).toEqual([step.id, new Set(places).size - 1]);
  }
});

test('the order stays the same while readings come in', () => {
  const { facts } = SAMPLES[0]!;
  const read = startupOf(jobModel(facts), [said('conditions/outdoor', 28), said('fan/static', 0.5)], DEFAULT_MOMENT);
  expect(ids(placeRoute(facts, read, 1).steps)).toEqual(ids(placeRoute(facts, startup(facts), 1).steps));
});

test('on a packaged unit everything but the thermostat is outdoors: no climbing', () => {
  const packaged = families().find(({ facts }) => facts.system.cabinet === 'packaged')!.facts;
  expect(placeRoute(packaged, startup(packaged), 1).climbs).toBe(0);
});
