import fc from 'fast-check';
import { decimalSlip } from './decimal-slip';
import { expectDead } from './expect';
import type { Item } from './step';
import { unitSlip } from './unit-slip';

const band = (pass: readonly [number, number], warn = pass): Item => ({
  id: 'volts',
  label: 'Control volts',
  unit: 'V',
  expect: () => ({ kind: 'band', aim: null, pass, warn, tolerance: '', sum: '' }),
});

test.each([
  [2480, 24.8],
  [2500, 25],
])('%s V is on no system: where 22 to 28 V pass it was probably %s', (typed, meant) => {
  expect(decimalSlip(band([22, 28]), typed, null)).toBe(meant);
});

test('5 in. w.c. is in no duct', () => {
  const item: Item = {
    ...band([0.05, 0.5]),
    unit: 'in. w.c.',
    of: { call: 'fan', observable: { kind: 'pressure', at: 'static' } },
  };
  expect(decimalSlip(item, 5, null)).toBe(0.5);
  // Everyday duct readings.
  expect([0.62, 0.72, 1, 2.9].map((inWc) => decimalSlip(item, inWc, null))).toEqual(Array(4).fill(null));
});

test.each([
  ['interlock Y–C', { isControlVolts: true, stops: 'interlock' }, [0, 3], 24.8],
  ['CO', { stops: 'co', unit: 'ppm' }, [0, 100], 450],
  ['CO', { stops: 'co', unit: 'ppm' }, [0, 100], 5000],
  ['megohms', { isSafety: true, unit: 'MΩ' }, [20, 1e9], 0.3],
  ['oil safety time', { isSafety: true, unit: 's' }, [0, 45], 90],
  ['oil safety time', { isSafety: true, unit: 's' }, [0, 45], 9000],
] as const)('%s: no tap makes a bad safety reading pass', (_, more, pass, value) => {
  expect(decimalSlip({ ...band(pass), ...more }, value, null)).toBeNull();
  expect(unitSlip({ ...band(pass), ...more }, value, null)).toBeNull();
});

test('a terminal that must be dead has no slip, of point or of unit', () => {
  const item: Item = { ...band([0, 3]), expect: () => expectDead(0, '') };
  expect(
    [24.8, 2.48, 248, 24_800].map((volts) => [decimalSlip(item, volts, null), unitSlip(item, volts, null)]),
  ).toEqual(Array(4).fill([null, null]));
});

test('a passing value, one merely off, one no slip explains, and text get no suggestion', () => {
  const item = band([22, 28], [20, 30]);
  expect([24, 21, 19, 0, -24.8, 'OL' as const, 'done' as const].map((value) => decimalSlip(item, value, null))).toEqual(
    Array(7).fill(null),
  );
  expect(decimalSlip({ ...item, expect: () => ({ kind: 'tick' }) }, 2480, null)).toBeNull();
});

test('a suggestion always passes, and has the same digits', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 400, noNaN: true }),
      fc.double({ min: 0.01, max: 0.6, noNaN: true }),
      fc.integer({ min: 1, max: 9_999 }),
      (aim, share, digits) => {
        const pass = [aim * (1 - share), aim * (1 + share)] as const;
        const meant = decimalSlip(band(pass), digits / 10, null);
        if (meant === null) return;
        expect(meant).toBeGreaterThanOrEqual(pass[0]);
        expect(meant).toBeLessThanOrEqual(pass[1]);
        expect(String(meant).replace(/[.0]/g, '')).toBe(String(digits).replace(/0/g, ''));
      },
    ),
  );
});
