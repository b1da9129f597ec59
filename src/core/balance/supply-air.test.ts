import { DEFAULT_MOMENT, type Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { supplyAir } from './supply-air';

const { facts } = SAMPLES[2]!;
const at = (change: Partial<Moment>, of: Facts = facts) => {
  const moment = { ...DEFAULT_MOMENT, ...change };
  return supplyAir(of, jobModel(of).state(moment), moment);
};
const degrees = (change: Partial<Moment>, of: Facts = facts) => {
  const air = at(change, of);
  return air.kind === 'heat' ? air.supplyF : NaN;
};

test('says nothing where nothing heats steadily', () => {
  for (const call of ['off', 'fan', 'cool-1', 'cool-2', 'defrost'] as const)
    expect(at({ call })).toEqual({ kind: 'none' });
});

test('strips warm more than the heat pump, and both together most', () => {
  const [pump, strips, both] = (['heat-1', 'emergency', 'heat-aux'] as const).map((call) => degrees({ call }));
  expect(pump).toBeLessThan(strips!);
  expect(strips).toBeLessThan(both!);
  expect(both! - 68).toBeCloseTo(pump! - 68 + strips! - 68, 6);
});

test('colder outside means cooler air from the heat pump; strips do not change', () => {
  expect(degrees({ call: 'heat-1', outdoorF: 10 })).toBeLessThan(degrees({ call: 'heat-1', outdoorF: 40 }));
  expect(degrees({ call: 'emergency', outdoorF: 10 })).toBe(degrees({ call: 'emergency', outdoorF: 40 }));
});

test('rises with room temperature and with elevation', () => {
  expect(degrees({ call: 'heat-1', indoorF: 70 }) - degrees({ call: 'heat-1', indoorF: 60 })).toBeCloseTo(10, 9);
  expect(degrees({ call: 'heat-1' }, { ...facts, site: { ...facts.site, elevationFt: 0 } })).toBeLessThan(
    degrees({ call: 'heat-1' }),
  );
});

test('below the lockout only the strips warm it, at the strips’ airflow', () => {
  const locked: Facts = {
    ...facts,
    gates: { ...facts.gates, compressorBelowF: 30, auxAboveF: null },
    airHandler: { ...facts.airHandler, heatCfm: 900 },
  };
  expect(degrees({ call: 'heat-1', outdoorF: 20 }, locked)).toBeCloseTo(
    degrees({ call: 'emergency', outdoorF: 20 }, locked),
    9,
  );
});

test('an open outdoor thermostat keeps its bank out of auxiliary heat, not out of emergency heat', () => {
  const gated: Facts = {
    ...facts,
    cables: { ...facts.cables, thermostatConductors: 10, outdoorConductors: 10 },
    gates: { ...facts.gates, outdoorThermostats: [{ bank: 0, closesBelowF: 25 }] },
  };
  expect(degrees({ call: 'heat-aux', outdoorF: 30 }, gated)).toBeCloseTo(
    degrees({ call: 'heat-1', outdoorF: 30 }, gated),
    9,
  );
  expect(degrees({ call: 'heat-aux', outdoorF: 20 }, gated)).toBeGreaterThan(
    degrees({ call: 'heat-1', outdoorF: 20 }, gated),
  );
  expect(degrees({ call: 'emergency', outdoorF: 30 }, gated)).toBe(degrees({ call: 'emergency', outdoorF: 30 }));
});

test('a furnace warms it in place of the compressor', () => {
  const { facts: dual } = SAMPLES[3]!;
  expect(degrees({ call: 'heat-aux', outdoorF: 30 }, dual)).toBeCloseTo(
    degrees({ call: 'emergency', outdoorF: 30 }, dual),
    9,
  );
  expect(degrees({ call: 'heat-aux', outdoorF: 30 }, dual)).toBeGreaterThan(
    degrees({ call: 'heat-1', outdoorF: 30 }, dual),
  );
});
