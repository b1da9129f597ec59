import fc from 'fast-check';
import { decimalSlip } from './decimal-slip';
import type { Item } from './step';

const band = (pass: readonly [number, number], warn = pass): Item => ({
  id: 'volts',
  label: 'Control volts',
  unit: 'V',
  expect: () => ({ kind: 'band', aim: null, pass, warn, tolerance: '', sum: '' }),
});

test.each([
  [248, 24.8],
  [2.48, 24.8],
  [2480, 24.8],
  [0.25, 25],
])('%s where 22 to 28 V pass was probably %s', (typed, meant) => {
  expect(decimalSlip(band([22, 28]), typed, null)).toBe(meant);
});

test('what passes, what is merely off, what no slip explains, and what is no number get no suggestion', () => {
  const item = band([22, 28], [20, 30]);
  expect([24, 21, 19, 0, -24.8, 'OL' as const, 'done' as const].map((value) => decimalSlip(item, value, null))).toEqual(
    Array(7).fill(null),
  );
  expect(decimalSlip({ ...item, expect: () => ({ kind: 'tick' }) }, 248, null)).toBeNull();
});

test('a suggestion always passes, and is the same digits', () => {
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
