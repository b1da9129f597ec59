import fc from 'fast-check';
import { airflowFromRiseCfm, temperatureRiseF } from '../units/air';
import { breakerFor, subdivide } from './circuits';
import { elementAmps } from './element';
import { explainAmps } from './explain-amps';
import { heatKit } from './heat-kit';

const elements = fc.array(
  fc.double({ min: 0.5, max: 10, noNaN: true }).map((kW) => ({ kW, ratedVolts: 240 })),
  { minLength: 1, maxLength: 6 },
);

test('every element is on one circuit, in order, and none exceeds 48 A of heater', () => {
  fc.assert(
    fc.property(elements, fc.double({ min: 0, max: 8, noNaN: true }), (kit, blowerAmps) => {
      const circuits = subdivide(kit, blowerAmps, true);
      expect(circuits.flatMap((circuit) => circuit.elements)).toEqual(kit.map((_, at) => at));
      for (const circuit of circuits)
        expect(circuit.elements.reduce((sum, at) => sum + elementAmps(kit[at]!, 240), 0)).toBeLessThanOrEqual(
          48 + 1e-6,
        );
      expect(circuits.reduce((sum, { loadAmps }) => sum + loadAmps, 0)).toBeCloseTo(
        kit.reduce((sum, element) => sum + elementAmps(element, 240), blowerAmps),
        6,
      );
    }),
  );
});

test('heat falls with the square of the volts', () => {
  fc.assert(
    fc.property(fc.double({ min: 180, max: 260, noNaN: true }), (suppliedVolts) => {
      const kit = heatKit({ ratedVolts: 240, suppliedVolts, elementsKW: [4.8, 5], blowerAmps: 2 });
      expect(kit.deliveredKW).toBeCloseTo(9.8 * (suppliedVolts / 240) ** 2, 9);
    }),
  );
});

test('airflow from rise inverts rise from airflow', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 200, max: 2500, noNaN: true }),
      fc.double({ min: 0, max: 9000, noNaN: true }),
      (cfm, elevationFt) => {
        const rise = temperatureRiseF(240 * 40 * 3.41214, cfm, elevationFt);
        expect(airflowFromRiseCfm(240, 40, rise, elevationFt)).toBeCloseTo(cfm, 6);
      },
    ),
  );
});

test('the next standard breaker, and none above the largest', () => {
  expect([53.4, 60, 60.1, 125, 126].map(breakerFor)).toEqual([60, 60, 70, 125, null]);
});

describe('explainAmps', () => {
  const kit = [
    { kW: 4.8, ratedVolts: 240 },
    { kW: 3.6, ratedVolts: 240 },
    { kW: 2.4, ratedVolts: 240 },
  ];

  test('any true combination comes out first at its own amps', () => {
    fc.assert(
      fc.property(
        fc.subarray([0, 1, 2], { minLength: 1 }),
        fc.double({ min: 200, max: 250, noNaN: true }),
        (on, volts) => {
          const amps = on.reduce((sum, at) => sum + elementAmps(kit[at]!, volts), 0) + 3;
          expect(explainAmps(kit, volts, 3, amps, true)[0]!.amps).toBeCloseTo(amps, 6);
        },
      ),
    );
  });

  test('three amps over whole elements is the blower', () => {
    expect(explainAmps(kit, 240, 3, 23, false)[0]).toMatchObject({ elements: [0], withBlower: true });
  });

  test('without a blower nothing else is in the clamp', () => {
    expect(explainAmps(kit, 240, 0, 20, false).every(({ withBlower }) => !withBlower)).toBe(true);
  });
});
