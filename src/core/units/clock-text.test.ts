import fc from 'fast-check';
import { clockMark, clockText } from './clock-text';

describe('a time of day in words', () => {
  test.each([
    [0, '12:00 AM', '12 AM'],
    [30, '12:30 AM', '12:30 AM'],
    [390, '6:30 AM', '6:30 AM'],
    [719.9, '11:59 AM', '11:59 AM'],
    [720, '12:00 PM', '12 PM'],
    [1320, '10:00 PM', '10 PM'],
    [1439, '11:59 PM', '11:59 PM'],
  ])('minute %d', (minute, text, mark) => {
    expect(clockText(minute)).toBe(text);
    expect(clockMark(minute)).toBe(mark);
  });

  test('no two minutes of a day read alike', () => {
    fc.assert(
      fc.property(fc.nat(1439), fc.nat(1439), (one, other) =>
        expect(clockText(one) === clockText(other)).toBe(one === other),
      ),
    );
  });
});
