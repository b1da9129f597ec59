import { jobBalance } from '../balance/from-job';
import { findingsOf as findingsOfModel } from '../check';
import { DEFAULT_MOMENT } from '../control/moment';
import { parseJobFile } from '../formats/job-file';
import { sampleFile } from '../formats/sample-file';
import type { Facts } from '../job/document';
import { stageOf } from '../job-list/job-summary';
import { jobModel } from '../model/job-model';
import {} from '../startup/plan';
import { startupOf } from '../startup/startup-of';
import { forVisit } from '../startup/visit-list';
import { SAMPLES } from '.';

type Words = Parameters<typeof findingsOfModel> extends [unknown, ...infer Rest] ? Rest : never;
const findingsOf = (facts: Facts, ...words: Words) => findingsOfModel(jobModel(facts), ...words);

test('jobs at each stage of work, in one valley', () => {
  expect(SAMPLES.map(({ handedOverAt, readings }) => stageOf(handedOverAt, readings.length))).toEqual([
    'planning',
    'startup',
    'handed-over',
    'planning',
  ]);
  for (const { facts } of SAMPLES) {
    expect(facts.site.town).toBe('Sorrel Basin');
    expect(facts.house.designOutdoorF).toBe(4);
    expect(facts.site.elevationFt).toBeGreaterThan(5800);
    expect(facts.site.elevationFt).toBeLessThan(6200);
  }
});

test.each(SAMPLES.map((sample) => [sample.id, sample] as const))(
  '%s is a valid job file, and its readings answer items that the job has',
  (_, sample) => {
    const file = sampleFile(sample);
    expect(parseJobFile(JSON.parse(JSON.stringify(file)))).toMatchObject({ ok: true });
    const items = new Set(
      startupOf(jobModel(sample.facts), sample.readings, DEFAULT_MOMENT).flatMap((step) =>
        step.items.map(({ key }) => key),
      ),
    );
    expect(sample.readings.filter(({ item }) => !items.has(item))).toEqual([]);
    const times = sample.readings.map(({ at }) => Date.parse(at));
    expect([...times].sort((a, b) => a - b)).toEqual(times);
  },
);

test('two have something to find: lockouts with a gap, and W-out landed on dual fuel without its interlock', () => {
  const found = SAMPLES.map(({ facts, readings }) =>
    findingsOf(facts, readings)
      .filter(({ severity }) => severity !== 'advice')
      .map(({ rule }) => rule),
  );
  expect([...found.slice(0, 3), [...new Set(found[3])].sort()]).toEqual([
    ['hole-between-gates'],
    [],
    [],
    [
      'calls-do-as-planned',
      'ends-land',
      'furnace-alone',
      'interlock-works',
      'named-mistake',
      'no-defrost-heat-from-furnace',
    ],
  ]);
});

test('their figures agree: the balance point lies between design and no-load, the kit covers design', () => {
  for (const { facts } of SAMPLES) {
    const { thermalBalanceF, requiredKW } = jobBalance(facts);
    expect(thermalBalanceF).toBeGreaterThan(facts.house.designOutdoorF);
    expect(thermalBalanceF).toBeLessThan(40);
    if (facts.system.backup === 'furnace') expect(facts.furnace.outputBtuh).toBeGreaterThan(facts.house.designBtuh);
    else expect(facts.heatKit.elements.reduce((sum, { kW }) => sum + kW, 0)).toBeGreaterThan(requiredKW);
  }
});

test('a proved job has gone through every step of its visit', () => {
  const { facts, readings } = SAMPLES[2]!;
  const steps = forVisit(startupOf(jobModel(facts), readings, DEFAULT_MOMENT), 'new');
  const ids = steps.map(({ step }) => step.id);
  expect(ids).toEqual(expect.arrayContaining(['make-safe', 'load', 'heat-aux', 'emergency', 'defrost', 'leave']));
  expect(steps.filter(({ items }) => items.some(({ reading }) => reading === undefined))).toEqual([]);
});

test('customers and ids are unique to each sample', () => {
  const customers = SAMPLES.map(({ facts }) => facts.site.customer);
  expect(new Set(customers).size).toBe(SAMPLES.length);
  expect(new Set(SAMPLES.map(({ fileId }) => fileId)).size).toBe(SAMPLES.length);
});
