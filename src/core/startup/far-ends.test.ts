import { DEFAULT_MOMENT } from '../control/moment';
import { type FactPath, type Facts, withFact } from '../job/document';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { startupOf } from './startup-of';

const base = withFact(SAMPLES[0]!.facts, 'gates.compressorBelowF', null);
const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), base);
const farEnds = (of: Facts, ...readings: ReturnType<typeof said>[]) =>
  startupOf(jobModel(of), readings, DEFAULT_MOMENT).find(({ step }) => step.id === 'far-ends');

test('a short run is read at the boards alone; a long one at both ends', () => {
  expect(farEnds(facts(['cables.thermostatLengthFt', 50], ['cables.outdoorLengthFt', 35]))).toBeUndefined();
  const far = farEnds(facts(['cables.thermostatLengthFt', 200]))!;
  expect(far.step.why).toMatch(/^200 ft of cable/);
  const labels = far.items.map(({ item }) => item.label);
  expect(labels.some((label) => /(AUX|W2)\d?–C, heat with auxiliary/.test(label))).toBe(true);
  expect(labels.some((label) => /Y\d?–C, cooling/.test(label))).toBe(true);
  expect(labels.some((label) => /^Thermostat [RC]–/.test(label))).toBe(false);
});

test('a good run reads high where the call begins; one that the plan leaves low is shown all the same', () => {
  const cooling = (of: Facts, ...readings: ReturnType<typeof said>[]) =>
    farEnds(of, ...readings)!.items.find(({ item }) => /Y\d?–C, cooling/.test(item.label))!;
  const long = facts(['cables.thermostatLengthFt', 150]);
  const far = cooling(long);
  expect(far.expected.kind === 'band' && far.expected.aim! > 22).toBe(true);
  expect(cooling(long, said(far.key, 14)).verdict).toMatchObject({
    grade: 'fail',
    means: 'Low at the thermostat, where the call starts.',
  });
  const thin = facts(['cables.thermostatLengthFt', 400], ['cables.thermostatGauge', 22]);
  expect(cooling(thin, said(far.key, 14.5)).verdict!.grade).toBe('fail');
});
