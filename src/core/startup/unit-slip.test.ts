import fc from 'fast-check';
import { METER_UNITS } from '../instrument/shown';
import type { Item } from './step';
import { unitSlip } from './unit-slip';

const band = (unit: string, pass: readonly [number, number], warn = pass): Item => ({
  id: 'x',
  label: 'x',
  unit,
  expect: () => ({ kind: 'band', aim: null, pass, warn, tolerance: '', sum: '' }),
});

test.each([
  // 125 Pa are 0.50 in. w.c.; 24,300 mV are 24.3 V.
  ['in. w.c.', [0.05, 0.6], 125, 'Pa', 0.502],
  ['V', [21, 28], 24_300, 'mV', 24.3],
] as const)('%s: what passes between %j was read as %d %s', (unit, pass, value, other, meant) =>
  expect(unitSlip(band(unit, pass), value, null)).toEqual({ unit: other, value: meant }),
);

test('33 °F of supply air may be 33 °C, or a unit that cools in heat: nothing is suggested', () =>
  expect(unitSlip(band('°F', [86, 95]), 33, null)).toBeNull());

test('a passing value, one merely off, one no unit explains and a difference get no suggestion', () => {
  const air = band('°F', [86, 95], [80, 101]);
  expect([90, 82, 12, 'OL' as const].map((value) => unitSlip(air, value, null))).toEqual([null, null, null, null]);
  expect(unitSlip({ ...air, isDifference: true }, 33, null)).toBeNull();
  expect(unitSlip({ ...air, expect: () => ({ kind: 'tick' }) }, 33, null)).toBeNull();
});

test('a suggestion always passes, in a real unit', () =>
  fc.assert(
    fc.property(
      fc.constantFrom('°F', 'in. w.c.', 'V', 'A', 'Ω'),
      fc.double({ min: 0.1, max: 200, noNaN: true }),
      fc.double({ min: -50, max: 30_000, noNaN: true }),
      (unit, aim, value) => {
        const pass = [0.8 * aim, 1.2 * aim] as const;
        const slip = unitSlip(band(unit, pass), value, null);
        if (slip === null) return;
        expect(METER_UNITS).toContain(slip.unit);
        expect(slip.value).toBeGreaterThanOrEqual(pass[0]);
        expect(slip.value).toBeLessThanOrEqual(pass[1]);
      },
    ),
  ));
