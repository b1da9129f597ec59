import fc from 'fast-check';
import { parseWith } from '../border/parse';
import { timeDoubt } from './in-time';
import {
  currentReadings,
  notMeasured,
  type Reading,
  readingHistory,
  takenReading,
  type UntakenReading,
} from './reading';
import { completeReading, readingSchema } from './reading-schema';
import { timeSchema } from './time-schema';

const reading = (id: string, value: number, at: string, replaces: string | null = null): Reading =>
  takenReading({
    id,
    visit: 'v',
    item: 'heat-aux/amps-1',
    value,
    place: null,
    at,
    author: 'R',
    instrument: '',
    replaces,
  });
const UUID = 'b1d4e6f0-0000-4000-8000-00000000000a';
const counts = (...readings: Reading[]) => currentReadings(readings).get('heat-aux/amps-1')!.value;

describe('the reading that counts', () => {
  const ahead = reading('a', 5, '2026-01-06T12:00:00Z');
  const correction = reading('b', 42, '2026-01-05T12:00:00Z', 'a');

  test('is the correction, even if the corrected reading’s clock was a day ahead', () => {
    expect(counts(ahead, correction)).toBe(42);
    expect(counts(correction, ahead)).toBe(42);
    expect(readingHistory([ahead, correction], 'heat-aux/amps-1').map(({ value }) => value)).toEqual([42, 5]);
  });

  test('is the last of a chain of corrections, in any order of arrival', () => {
    const chain = [ahead, correction, reading('c', 43, '2026-01-04T12:00:00Z', 'b')];
    for (const order of [chain, [...chain].reverse(), [chain[1]!, chain[2]!, chain[0]!]])
      expect(counts(...order)).toBe(43);
  });

  test('is the later one if neither corrects the other, or if two correct the same one', () => {
    expect(counts(reading('x', 1, '2026-01-05T12:00:00Z'), reading('y', 2, '2026-01-05T12:01:00Z'))).toBe(2);
    expect(
      counts(ahead, reading('x', 1, '2026-01-05T12:05:00Z', 'a'), reading('y', 2, '2026-01-05T12:01:00Z', 'a')),
    ).toBe(1);
  });

  test('falls back on time for circular corrections and for a correction of a missing reading', () => {
    expect(counts(reading('x', 1, '2026-01-05T12:00:00Z', 'y'), reading('y', 2, '2026-01-05T12:01:00Z', 'x'))).toBe(2);
    expect(counts(reading('x', 1, '2026-01-05T12:00:00Z', 'lost'))).toBe(1);
  });
});

describe('a time', () => {
  const isTaken = (text: string) => parseWith(timeSchema, text).ok;
  test('is a real calendar date', () => {
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

test('far ahead of now, or long before its visit, is doubted and says so; one of the same day is not', () => {
  const now = Date.parse('2026-01-05T12:00:00Z');
  const began = '2026-01-05T09:00:00Z';
  const doubt = (at: string, clockOffsetMs = 0) =>
    timeDoubt({ at, origin: { device: 'd', sequence: 1, clockOffsetMs } }, now, began);
  expect(doubt('2026-01-06T12:00:00Z')).toMatch(/in the future/);
  expect(doubt('2026-01-04T12:00:00Z')).toMatch(/before the visit/);
  expect(['2026-01-05T20:05:00Z', '2026-01-05T08:30:00Z'].map((at) => doubt(at))).toEqual([null, null]);
  expect(timeDoubt({ at: '2020-01-01T00:00:00Z', origin: null }, now)).toBeNull();
  // A clock known to be a day ahead is corrected, and no doubt remains.
  expect(doubt('2026-01-06T12:00:00Z', -24 * 3_600_000)).toBeNull();
});

describe('clocks that are off', () => {
  const from = (
    id: string,
    device: string,
    sequence: number,
    at: string,
    clockOffsetMs: number | null = 0,
  ): Reading => ({
    ...reading(id, sequence, at),
    origin: { device, sequence, clockOffsetMs },
  });
  const last = (...readings: Reading[]) => currentReadings(readings).get('heat-aux/amps-1')!.id;

  test('between two devices, the later reading by corrected time counts', () => {
    const ahead = from('a', 'one', 1, '2026-01-05T13:00:00Z', -3_600_000);
    const right = from('b', 'two', 1, '2026-01-05T12:30:00Z');
    expect([last(ahead, right), last(right, ahead)]).toEqual(['b', 'b']);
  });

  test('on one device its own counter decides, even if its clock was set back', () => {
    const before = from('a', 'one', 7, '2026-01-06T12:00:00Z', null);
    const after = from('b', 'one', 8, '2026-01-05T12:00:00Z', null);
    expect([last(before, after), last(after, before)]).toEqual(['b', 'b']);
  });

  test('order does not depend on arrival', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            device: fc.constantFrom('one', 'two', null),
            sequence: fc.nat(5),
            at: fc.nat(9),
            offset: fc.constantFrom(0, -3000, 7000),
            replaces: fc.option(fc.nat(11)),
          }),
          { maxLength: 12 },
        ),
        fc.infiniteStream(fc.nat()),
        (drawn, chance) => {
          const readings = drawn.map(({ device, sequence, at, offset, replaces }, number): Reading => ({
            ...reading(`r${number}`, number, `2026-01-05T12:00:0${at}Z`, replaces === null ? null : `r${replaces}`),
            origin: device === null ? null : { device, sequence, clockOffsetMs: offset },
          }));
          const shuffled = readings
            .map((each) => ({ each, key: chance.next().value }))
            .sort((a, b) => a.key - b.key)
            .map(({ each }) => each);
          expect(readingHistory(shuffled, 'heat-aux/amps-1')).toEqual(readingHistory(readings, 'heat-aux/amps-1'));
          expect(currentReadings(shuffled)).toEqual(currentReadings(readings));
        },
      ),
    );
  });
});

describe('withdrawn or not measured', () => {
  const first = reading('a', 5, '2026-01-05T12:00:00Z');
  const untaken = (
    id: string,
    status: UntakenReading['status'],
    at: string,
    replaces: string | null,
    why = 'wrong leg',
  ): Reading => ({ ...first, id, status, value: null, why, at, replaces }) as UntakenReading;

  test('a withdrawn reading no longer counts and stays in the history; what it corrected stays corrected', () => {
    const better = reading('b', 42, '2026-01-05T12:01:00Z', 'a');
    const gone = untaken('w', 'withdrawn', '2026-01-05T12:02:00Z', 'b');
    expect(currentReadings([first, better, gone]).size).toBe(0);
    expect(readingHistory([first, better, gone], 'heat-aux/amps-1').map(({ id }) => id)).toEqual(['w', 'b', 'a']);
  });

  test('a withdrawal removes only the reading it names, and can be undone', () => {
    const other = reading('b', 42, '2026-01-05T11:00:00Z');
    const gone = untaken('w', 'withdrawn', '2026-01-05T12:02:00Z', 'a');
    expect(counts(first, other, gone)).toBe(42);
    expect(counts(first, gone, reading('c', 5, '2026-01-05T12:03:00Z', 'w'))).toBe(5);
  });

  test('not measured gives the reason, until it is measured', () => {
    const left = untaken('n', 'not-measured', '2026-01-05T12:00:00Z', null, 'no ladder');
    expect(notMeasured([left]).get('heat-aux/amps-1')?.why).toBe('no ladder');
    const measured = reading('m', 19, '2026-01-05T12:10:00Z', 'n');
    expect([notMeasured([left, measured]).size, counts(left, measured)]).toEqual([0, 19]);
  });

  test('input accepts each with its reason, and nothing in between', () => {
    const problem = (change: object) => {
      const { why: _, ...bare } = { ...first, why: '', id: UUID, visit: UUID, ...change };
      const parsed = parseWith(readingSchema, 'why' in change ? { ...bare, why: change.why } : bare);
      return parsed.ok ? null : `${parsed.path}: ${parsed.error}`;
    };
    expect(problem({})).toBeNull();
    expect(problem({ status: 'not-measured', value: null, why: 'no ladder' })).toBeNull();
    expect(problem({ status: 'withdrawn', value: null, why: 'wrong leg', replaces: UUID })).toBeNull();
    expect(problem({ value: null })).toBe('value: must be a number, OL, done or what was seen');
    expect(problem({ value: 'seen:runs' })).toBeNull();
    expect(problem({ value: 'seen:' })).toBe('value: must be a number, OL, done or what was seen');
    expect(problem({ status: 'not-measured', value: null })).toBe('why: must say why');
    expect(problem({ status: 'not-measured', value: 5, why: 'x' })).toBe('value: must be null: nothing was read');
    expect(problem({ status: 'withdrawn', value: null, why: 'x' })).toBe('replaces: must name what is withdrawn');
    expect(problem({ status: 'perhaps' })).toMatch(/^status: must be taken/);
    expect(problem({ origin: { device: UUID, sequence: -1, clockOffsetMs: null } })).toMatch(/^origin.sequence/);
  });

  test('data from an older client is completed, its ids in lowercase', () => {
    const { id, item, value, place, at, author, instrument, replaces } = first;
    const old = { id: id + UUID.slice(1).toUpperCase(), item, value, place, at, author, instrument, replaces };
    const parsed = parseWith(readingSchema, old);
    if (!parsed.ok) throw new Error(parsed.error);
    expect(completeReading(parsed.value, UUID)).toEqual({ ...first, id: `a${UUID.slice(1)}`, visit: UUID });
  });
});
