import fc from 'fast-check';
import { airDensityRatio, sensibleFactorAt, temperatureRiseF } from './air';
import { BREAKER_SIZES_AMPS, COPPER_OHMS_PER_1000_FT, FUEL_BTU_PER_UNIT } from './constants';
import { conductorOhms } from './copper';
import { roundTo } from './round';
import { atShare, inSpans, joinSpans, percentAlong, type SpanF, ticksAlong } from './span';

describe('air', () => {
  test.each([
    [0, 1],
    [2600, 0.9096],
    [5900, 0.8044],
  ])('at %i ft the density ratio is %f', (elevationFt, ratio) =>
    expect(airDensityRatio(elevationFt)).toBeCloseTo(ratio, 3),
  );

  test('is thinner higher up, and carries less heat', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10_000 }), fc.integer({ min: 1, max: 2000 }), (low, more) => {
        expect(sensibleFactorAt(low + more)).toBeLessThan(sensibleFactorAt(low));
        expect(temperatureRiseF(30_000, 1000, low + more)).toBeGreaterThan(temperatureRiseF(30_000, 1000, low));
      }),
    );
  });

  test('at sea level it is 1.08', () => expect(sensibleFactorAt(0)).toBe(1.08));
});

describe('copper', () => {
  test('50 ft of 18 AWG is a third of an ohm', () => expect(conductorOhms(18, 50)).toBeCloseTo(0.319, 3));
  test('thinner and longer is more', () => {
    const gauges = [18, 20, 22, 24] as const;
    for (let at = 1; at < gauges.length; at++)
      expect(COPPER_OHMS_PER_1000_FT[gauges[at]!]).toBeGreaterThan(COPPER_OHMS_PER_1000_FT[gauges[at - 1]!]);
    expect(conductorOhms(22, 200)).toBeCloseTo(2 * conductorOhms(22, 100), 12);
  });
});

test('tables are in rising order, and match their sources', () => {
  expect([...BREAKER_SIZES_AMPS].sort((a, b) => a - b)).toEqual([...BREAKER_SIZES_AMPS]);
  expect(FUEL_BTU_PER_UNIT).toEqual({ 'natural-gas': 100_000, propane: 91_452, 'fuel-oil': 138_500 });
});

describe('spans', () => {
  const scale: SpanF = [-20, 70];

  test('round-trip along a scale', () => {
    fc.assert(
      fc.property(fc.double({ min: -20, max: 70, noNaN: true }), (atF) =>
        expect(atShare(scale, percentAlong(scale, atF) / 100)).toBeCloseTo(atF, 9),
      ),
    );
  });

  test('are clamped at the ends', () => {
    expect([percentAlong(scale, -80), percentAlong(scale, 99), atShare(scale, -1), atShare(scale, 2)]).toEqual([
      0, 100, -20, 70,
    ]);
  });

  test('ticks are round and inside', () => {
    expect(ticksAlong(scale, 10)).toEqual([-20, -10, 0, 10, 20, 30, 40, 50, 60, 70]);
    expect(ticksAlong([3, 19], 5)).toEqual([5, 10, 15]);
  });

  test('adjacent spans merge, slivers vanish', () => {
    expect(
      joinSpans([
        [1, 2],
        [2, 3],
        [5, 5.0000000001],
        [6, 7],
      ]),
    ).toEqual([
      [1, 3],
      [6, 7],
    ]);
  });

  test('ends belong to a span', () =>
    expect([1, 2, 3, 3.1].map((atF) => inSpans([[1, 3]], atF))).toEqual([true, true, true, false]));
});

test.each([
  [24.449, 1, 24.4],
  [-0.05, 1, -0],
  [1234.5, 0, 1235],
])('%f to %i decimals is %f', (value, decimals, rounded) => expect(roundTo(value, decimals)).toBeCloseTo(rounded, 12));
