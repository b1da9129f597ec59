import fc from 'fast-check';
import { parseTyped } from './parse-number';

test.each([
  ['71.5', 71.5],
  ['71,5', 71.5],
  ['1,150', 1150],
  ['36,000', 36000],
  ['1 150', 1150],
  ['−4', -4],
  ['.5', 0.5],
  ['0,52', 0.52],
])('%s is %d', (text, value) => expect(parseTyped(text)).toEqual({ kind: 'number', value }));

test.each([
  ['', 'empty'],
  ['  ', 'empty'],
  ['ol', 'open'],
  [' OL ', 'open'],
  ['12a', 'wrong'],
  ['1.2.3', 'wrong'],
  ['1e9', 'wrong'],
  ['<b>', 'wrong'],
  ['-', 'wrong'],
])('"%s" is %s', (text, kind) => expect(parseTyped(text).kind).toBe(kind));

test('every plainly written number is read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: -99_999, max: 999_999 }), (value) =>
      expect(parseTyped(String(value / 10))).toEqual({ kind: 'number', value: value / 10 }),
    ),
  );
});
