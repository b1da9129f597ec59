import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { sensorOhms } from './sensor-curve';
import { startupOf } from './startup-of';
import { clockedBtuh } from './steps/gas';

test.each([
  // By hand: 10 kΩ × exp(3950 × (1/T − 1/298.15)).
  [77, 10_000],
  [29, 36_700],
  [31, 34_600],
  [50, 20_175],
])('a typical outdoor sensor at %d °F', (atF, ohms) => expect(Math.abs(sensorOhms(atF) - ohms)).toBeLessThan(100));

test('lockouts are proved on both sides with the sensor’s own ohms, and put back', () => {
  const base = SAMPLES[0]!.facts;
  const facts: Facts = {
    ...base,
    thermostat: { ...base.thermostat, outdoorSensor: 'wired' },
    gates: { ...base.gates, compressorBelowF: 30, auxAboveF: null, outdoorThermostats: [] },
  };
  const labelsOf = (of: Facts) =>
    startupOf(jobModel(of), [], DEFAULT_MOMENT)
      .filter(({ step }) => step.id === 'gates')
      .flatMap(({ items }) => items.map(({ item }) => item.label));
  const labels = labelsOf(facts);
  expect(labels[0]).toContain('36.7 kΩ');
  expect(labels[1]).toContain('34.6 kΩ');
  expect(labels[2]).toMatch(/Sensor back/);
  const byWeather = labelsOf({ ...facts, thermostat: { ...facts.thermostat, outdoorSensor: 'weather' } });
  expect(byWeather.join()).not.toContain('kΩ');
  expect(byWeather[2]).toContain('put back to 30 °F');
  const none = { ...facts, gates: { ...facts.gates, compressorBelowF: null } };
  expect(labelsOf(none)).toEqual([]);
});

test.each([
  // By hand: 3600 × 1 ft³ ÷ 60 s × 1,030 Btu; 3600 × 2 ÷ 72 × 1,000.
  [1, 60, 1030, 61_800],
  [2, 72, 1000, 100_000],
  [0.5, 36, 2500, 125_000],
])('clocked: %d ft³ per revolution in %d s at %d Btu', (dial, seconds, heat, btuh) =>
  expect(clockedBtuh(dial, seconds, heat)).toBeCloseTo(btuh, 6),
);
