import { parseWith } from '../border/parse';
import { currentReadings, type Reading, readingHistory, timeDoubt } from './reading';
import { timeSchema } from './reading-schema';

const reading = (id: string, value: number, at: string, replaces: string | null = null): Reading => ({
  id,
  item: 'heat-aux/amps-1',
  value,
  place: null,
  at,
  author: 'R',
  instrument: '',
  replaces,
});
const counts = (...readings: Reading[]) => currentReadings(readings).get('heat-aux/amps-1')!.value;

describe('the reading that counts', () => {
  const ahead = reading('a', 5, '2026-01-06T12:00:00Z');
  const correction = reading('b', 42, '2026-01-05T12:00:00Z', 'a');

  test('is the correction, though the clock of what it corrects was a day ahead', () => {
    expect(counts(ahead, correction)).toBe(42);
    expect(counts(correction, ahead)).toBe(42);
    expect(readingHistory([ahead, correction], 'heat-aux/amps-1').map(({ value }) => value)).toEqual([42, 5]);
  });

  test('is the last of a chain of corrections, in whatever order they come', () => {
    const chain = [ahead, correction, reading('c', 43, '2026-01-04T12:00:00Z', 'b')];
    for (const order of [chain, [...chain].reverse(), [chain[1]!, chain[2]!, chain[0]!]])
      expect(counts(...order)).toBe(43);
  });

  test('is the later one where none corrects the other, and where two correct the same', () => {
    expect(counts(reading('x', 1, '2026-01-05T12:00:00Z'), reading('y', 2, '2026-01-05T12:01:00Z'))).toBe(2);
    expect(
      counts(ahead, reading('x', 1, '2026-01-05T12:05:00Z', 'a'), reading('y', 2, '2026-01-05T12:01:00Z', 'a')),
    ).toBe(1);
  });

  test('a ring of corrections, and one of a reading that never came, fall back on time', () => {
    expect(counts(reading('x', 1, '2026-01-05T12:00:00Z', 'y'), reading('y', 2, '2026-01-05T12:01:00Z', 'x'))).toBe(2);
    expect(counts(reading('x', 1, '2026-01-05T12:00:00Z', 'lost'))).toBe(1);
  });
});

describe('a time', () => {
  const isTaken = (text: string) => parseWith(timeSchema, text).ok;
  test('is a day of the calendar', () => {
    expect(['2026-02-28T10:00:00Z', '2024-02-29T23:59:59.123Z'].map(isTaken)).toEqual([true, true]);
    expect(
      [
        '2026-02-30T10:00:00Z',
        '2025-02-29T10:00:00Z',
        '0000-01-01T10:00:00Z',
        '2026-13-01T10:00:00Z',
        '2026-01-01T24:00:00Z',
        '9999-01-01T00:00:00Z',
      ].filter(isTaken),
    ).toEqual([]);
  });
});

test('a time ahead of now is doubted, and says so; one that was taken later the same day is not', () => {
  const now = Date.parse('2026-01-05T12:00:00Z');
  expect(timeDoubt({ at: '2026-01-06T12:00:00Z' }, now)).toMatch(/ahead of time/);
  expect([timeDoubt({ at: '2026-01-05T20:05:00Z' }, now), timeDoubt({ at: '2026-01-04T12:00:00Z' }, now)]).toEqual([
    null,
    null,
  ]);
});
