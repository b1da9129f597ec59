import fc from 'fast-check';
import { parseJobFile } from '../formats/job-file';
import { sampleFile } from '../formats/sample-file';
import { SAMPLES } from '../samples';
import { earlierReadings, visitToCompare } from './earlier-visit';
import { type Reading, takenReading } from './reading';
import { NO_HISTORY } from './stored-job';
import type { Visit } from './visit';
import { isClosed, lastReadings, placeOnVisits, splitVisits } from './visits';

const HOUR = 3_600_000;
const start = Date.parse('2026-01-05T08:00:00Z');
const iso = (hours: number) => new Date(start + hours * HOUR).toISOString();
const read = (id: string, hours: number, visit: string, offsetHours = 0): Reading =>
  takenReading({
    id,
    visit,
    item: 'conditions/outdoor',
    value: 20,
    place: null,
    at: iso(hours),
    author: 'R. A.',
    instrument: '',
    replaces: null,
    origin: offsetHours === 0 ? null : { device: 'd', sequence: 1, clockOffsetMs: offsetHours * HOUR },
  });
const visit = (id: string, hours: number, ended: number | null = null): Visit => ({
  id,
  reason: 'new',
  began: iso(hours),
  ended: ended === null ? null : iso(ended),
  author: 'R. A.',
});

describe('entries from before visits existed', () => {
  test('are split into visits at gaps of more than twelve hours', () => {
    const { visits, of } = splitVisits([read('c', 20, ''), read('a', 0, ''), read('b', 8, ''), read('d', 32.1, '')]);
    expect(visits.map(({ id, reason, began }) => [id, reason, began])).toEqual([
      ['a', 'new', iso(0)],
      ['d', 'call-back', iso(32.1)],
    ]);
    expect([...of]).toEqual([
      ['a', 'a'],
      ['b', 'a'],
      ['c', 'a'],
      ['d', 'd'],
    ]);
  });

  test('give the same visits however the record is passed', () => {
    const drawn = fc.array(fc.nat(100), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(drawn, (hours) => {
        const done = hours.map((hour, at) => read(`r${at}`, hour, ''));
        const { visits, of } = splitVisits(done);
        expect(splitVisits([...done].reverse())).toEqual({ visits, of });
        expect(of.size).toBe(done.length);
        for (const one of done)
          for (const other of done)
            if (Math.abs(Date.parse(one.at) - Date.parse(other.at)) <= 12 * HOUR)
              expect(of.get(one.id)).toBe(of.get(other.id));
      }),
    );
  });

  test('import from a version 1 job file as its last visit', () => {
    const file = sampleFile(SAMPLES[2]!);
    const bare = ({ id, item, value, place, at, author, instrument, replaces }: Reading) => ({
      id,
      item,
      value,
      place,
      at,
      author,
      instrument,
      replaces,
    });
    const old = {
      ...file,
      fileVersion: 1,
      visits: undefined,
      readings: file.readings.map(bare),
      settingMarks: file.settingMarks.map(({ visit: _visit, origin: _origin, ...mark }) => mark),
    };
    const parsed = parseJobFile(JSON.parse(JSON.stringify(old)));
    if (!parsed.ok) throw new Error(parsed.error);
    const { visits, readings, settingMarks, fileVersion } = parsed.value;
    expect([fileVersion, visits.length]).toEqual([2, 1]);
    expect(lastReadings(parsed.value)).toHaveLength(file.readings.length);
    expect([...readings, ...settingMarks].every((each) => each.visit === visits[0]!.id)).toBe(true);
    expect(readings.map(bare)).toEqual(file.readings.map(bare));
  });
});

describe('entries that arrive from a device', () => {
  const record = { ...NO_HISTORY, visits: [visit('v', 0)], readings: [read('a', 2, 'v')] };
  const place = (proposed: readonly Visit[], ...incoming: Reading[]) => {
    const { done, begun } = placeOnVisits(record, proposed, incoming);
    return [done.map((each) => each.visit), begun.map(({ id }) => id)];
  };

  test('go to the visit they name, even a week late', () =>
    expect(place([], read('b', 170, 'v'))).toEqual([['v'], []]));

  test('go to a visit that someone else began about that time, if their own is unknown', () => {
    expect(place([visit('w', 1)], read('b', 1, 'w'), read('c', 3, 'w'))).toEqual([['v', 'v'], []]);
    // Its clock is known to be ten days ahead.
    expect(place([visit('w', 243)], read('b', 243, 'w', -240))).toEqual([['v'], []]);
  });

  test('begin a visit if there is none about that time, for the reason the device gave', () => {
    const { begun, done } = placeOnVisits(record, [{ ...visit('w', 30), reason: 'season' }], [read('b', 30, 'w')]);
    expect(begun).toEqual([{ ...visit('w', 30), reason: 'season' }]);
    expect(done[0]!.visit).toBe('w');
    expect(placeOnVisits(NO_HISTORY, [], [read('b', 30, 'w')]).begun).toMatchObject([{ id: 'w', reason: 'new' }]);
  });

  test('begin another visit after one that was ended', () => {
    const over = { ...record, visits: [visit('v', 0, 3)] };
    expect(placeOnVisits(over, [], [read('b', 4, 'w')]).begun.map(({ id }) => id)).toEqual(['w']);
    expect(placeOnVisits(over, [], [read('b', 2.5, 'w')]).begun).toEqual([]);
  });
});

test('a visit is over when it was ended, or after twelve hours with nothing done', () => {
  const done = [read('a', 5, 'v'), read('b', 40, 'other')];
  expect([isClosed(visit('v', 0), done, start + 16 * HOUR), isClosed(visit('v', 0), done, start + 18 * HOUR)]).toEqual([
    false,
    true,
  ]);
  expect(isClosed(visit('v', 0, 5), done, start + 6 * HOUR)).toBe(true);
});

describe('the visit that today is compared with', () => {
  const DAY = 24;
  const visits = [visit('new', -800 * DAY), visit('winter', -370 * DAY), visit('summer', -200 * DAY), visit('now', 0)];
  const readings = visits.map(({ id }, at) => read(`r${at}`, -1000 + at, id));
  test('is the one nearest to a year before', () => {
    expect(visitToCompare(visits, visits[3])?.id).toBe('winter');
    expect(visitToCompare(visits.slice(2), visits[3])?.id).toBe('summer');
    expect(visitToCompare(visits, visits[1])?.id).toBe('new');
    expect(earlierReadings({ readings, visits }, visits[3]).map(({ visit: of }) => of)).toEqual(['winter']);
  });
  test('does not exist on a first visit, and is never a later one', () => {
    expect(visitToCompare(visits, visits[0])).toBeNull();
    expect(visitToCompare(visits, undefined)).toBeNull();
    expect(earlierReadings({ readings, visits }, visits[0])).toEqual([]);
  });
});
