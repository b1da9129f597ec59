import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import { takenReading } from '../job/reading';
import { jobModel } from '../model';
import { SAMPLES } from '../samples';

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
const steps = (of: Facts, ...readings: ReturnType<typeof reading>[]) => jobModel(of).startup(readings, DEFAULT_MOMENT);
const furnaceOf = (of: Facts, ...readings: ReturnType<typeof reading>[]) =>
  steps(of, ...readings).find(({ step }) => step.id === 'furnace')!;

test('a dual-fuel job proves its furnace in place of strips', () => {
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
    furnaceOf(of, reading('furnace/manifold', value)).items.find(({ key }) => key === 'emergency/manifold')!.verdict!
      .grade;
  expect([verdict(right), verdict(wrong)]).toEqual(['pass', 'fail']);
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
