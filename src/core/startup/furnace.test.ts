import { DEFAULT_MOMENT } from '../control/moment';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { takenReading } from '../job/reading';
import { jobModel } from '../model/job-model';
import { CAUTIONS } from '../safety/cautions';
import { SAMPLES } from '../samples';
import { families } from '../wiring/families';
import { startupOf } from './startup-of';

const { facts } = SAMPLES.find(({ id }) => id === 'tamarack-spur')!;
const reading = (item: string, value: number) =>
  takenReading({
    id: item,
    item,
    visit: 'v',
    value,
    place: null,
    at: '2026-01-01T00:00:00Z',
    author: 'Tester',
    instrument: '',
    replaces: null,
  });
const steps = (of: Facts, ...readings: ReturnType<typeof reading>[]) =>
  startupOf(jobModel(of), readings, DEFAULT_MOMENT);
const furnaceOf = (of: Facts, ...readings: ReturnType<typeof reading>[]) =>
  steps(of, ...readings).find(({ step }) => step.id === 'furnace')!;

test('a dual-fuel job checks its furnace in place of strips', () => {
  const ids = steps(facts).map(({ step }) => step.id);
  expect(ids).toContain('furnace');
  expect(ids.some((id) => ['heat-aux', 'emergency', 'element-ohms'].includes(id))).toBe(false);
  expect(steps(SAMPLES[0]!.facts).map(({ step }) => step.id)).not.toContain('furnace');
  expect(furnaceOf(facts).built.cautions).toContain('fuel');
});

test.each([
  ['propane', 10, 3.5],
  ['natural-gas', 3.5, 10],
] as const)('%s: manifold at %d passes, at %d fails', (fuel, right, wrong) => {
  const of: Facts = { ...facts, furnace: { ...facts.furnace, fuel } };
  const verdict = (value: number) =>
    steps(of, reading('furnace/manifold', value))
      .flatMap(({ items }) => items)
      .find(({ key }) => key === 'emergency/manifold')!.verdict!.grade;
  expect([verdict(right), verdict(wrong)]).toEqual(['pass', 'fail']);
});

test('a furnace has its own circuit: 120 V passes, 240 V does not, and a leg is never lost', () => {
  const at = (volts: number) =>
    steps(facts, reading('supply-volts/air-handler', volts))
      .flatMap(({ items }) => items)
      .find(({ key }) => key === 'supply-volts/air-handler')!.verdict!;
  expect(at(119).grade).toBe('pass');
  expect(at(240)).toMatchObject({ grade: 'fail', means: expect.stringContaining('not of 120 V') });
  expect(at(62).means).not.toMatch(/leg is lost/);
  expect(at(3).next).toMatch(/service switch/);
  // A furnace at 114 V gives its 24 V in proportion to 114 of 120, not of 240.
  const r24 = (volts: number) =>
    steps(facts, reading('supply-volts/air-handler', volts))
      .flatMap(({ items }) => items)
      .find(({ key }) => key === 'control-volts/volts-air-handler-R')!.expected;
  const aim = (volts: number) => (r24(volts) as { aim: number }).aim;
  expect(aim(114) / aim(120)).toBeCloseTo(0.95, 3);
});

/** All text of a job's startup. */
const allWords = (of: Facts): string =>
  steps(of)
    .map(({ step, built, items }) =>
      [
        step.title,
        step.why,
        ...built.how,
        ...built.cautions.map((id) => CAUTIONS[id]),
        ...built.waits.map(({ label, why }) => `${label} ${why}`),
        ...items.flatMap(({ item, expected }) => [
          item.label,
          'sum' in expected ? expected.sum : '',
          'what' in expected ? expected.what : '',
        ]),
      ].join('\n'),
    )
    .join('\n');

test.each(
  families()
    .filter(({ facts: of }) => backupOf(of) === 'fossil' && of.heatKit.elements.length > 0)
    .slice(0, 12),
)('no mention of strips, kit or elements on a furnace job: $id', ({ facts: of }) => {
  expect(allWords(of)).not.toMatch(/(?<!terminal )strip(?!:| )|strips|\bkit\b(?! and its relay)|element/i);
  expect(allWords(of)).toMatch(/furnace/i);
});

test('oil has no manifold; W1 is hot and Y dead while the furnace is called', () => {
  const oil: Facts = { ...facts, furnace: { ...facts.furnace, fuel: 'fuel-oil' } };
  expect(furnaceOf(oil).items.map(({ key }) => key)).not.toContain('emergency/manifold');
  const expected = (key: string) => furnaceOf(facts).items.find((item) => item.key === key)!.expected;
  expect(expected('emergency/volts-air-handler-W1')).toMatchObject({ kind: 'band', pass: [21, 28] });
  expect(expected('emergency/volts-outdoor-unit-Y')).toMatchObject({ kind: 'band', pass: [0, 3] });
});

test('the rise is the furnace’s output in its air at this elevation', () => {
  const supply = furnaceOf(facts, reading('furnace/return', 66)).items.find(
    ({ key }) => key === 'emergency/supply',
  )!.expected;
  expect(supply).toMatchObject({ kind: 'band', sum: expect.stringContaining('52,000 Btu/h in 1150 CFM') });
});
