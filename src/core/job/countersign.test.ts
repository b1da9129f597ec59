import fc from 'fast-check';
import { countersigned, countersignWords, isCorrection, signedReading, waitingReadings } from './countersign';
import { currentReadings, type Reading, takenReading } from './reading';

const NAMES: ReadonlySet<string> = new Set(['Ana', 'Bo', 'Cy']);
const APPRENTICE = { name: 'Bo', isApprentice: true, names: NAMES };
const TECHNICIAN = { name: 'Ana', isApprentice: false, names: NAMES };

const reading = (change: Partial<Reading> = {}): Reading =>
  ({
    ...takenReading({
      visit: 'v',
      id: 'r1',
      item: 'heat-aux/amps-1',
      value: 19.4,
      place: 'feed',
      at: '2026-01-05T12:00:00.000Z',
      author: 'Bo',
      instrument: 'Clamp',
      replaces: null,
    }),
    ...change,
  }) as Reading;

const again = (of: Reading, at = '2026-01-05T15:00:00.000Z') =>
  countersigned(of, { id: `${of.id}-again`, at, by: 'whoever it says', origin: null });

test('what an apprentice enters waits, whoever took the reading; what a technician enters does not', () => {
  expect(signedReading(reading({ author: 'Ana' }), undefined, APPRENTICE)).toMatchObject({
    author: 'Ana',
    enteredBy: 'Bo',
    countersign: 'waits',
  });
  expect(signedReading(reading({ author: 'Bo' }), undefined, TECHNICIAN)).toMatchObject({
    author: 'Bo',
    enteredBy: 'Ana',
    countersign: null,
  });
});

test('a countersignature keeps who read and entered it, where and when, and names who countersigned', () => {
  const waits = signedReading(reading(), undefined, APPRENTICE);
  const stands = signedReading(again(waits), waits, TECHNICIAN);
  expect(stands).toEqual({
    ...waits,
    id: 'r1-again',
    replaces: 'r1',
    countersign: { by: 'Ana', at: '2026-01-05T15:00:00.000Z' },
  });
  expect([waitingReadings([waits]).length, waitingReadings([waits, stands]).length]).toEqual([1, 0]);
  expect(currentReadings([waits, stands]).get('heat-aux/amps-1')).toBe(stands);
  expect([countersignWords(waits), countersignWords(stands), countersignWords(reading())]).toEqual([
    'Not countersigned yet.',
    'Countersigned by Ana.',
    '',
  ]);
  expect([isCorrection(stands), isCorrection(reading({ replaces: 'r0' })), isCorrection(reading())]).toEqual([
    false,
    true,
    false,
  ]);
});

test('an apprentice countersigns nothing, least of all their own readings', () => {
  const waits = signedReading(reading(), undefined, APPRENTICE);
  expect(signedReading(again(waits), waits, APPRENTICE).countersign).toBe('waits');
});

test('a countersignature that changes anything is a new reading by the person who enters it', () => {
  const waits = signedReading(reading(), undefined, APPRENTICE);
  fc.assert(
    fc.property(
      fc.constantFrom<Partial<Reading>>(
        { value: 91.4 } as Partial<Reading>,
        { place: 'kit' },
        { item: 'heat-aux/amps-2' },
        { at: '2026-01-04T12:00:00.000Z' },
        { instrument: 'A better one' },
        { note: 'fine' },
        { visit: 'w' },
        { author: 'Cy' },
      ),
      (change) => {
        const kept = signedReading({ ...again(waits), ...change } as Reading, waits, TECHNICIAN);
        expect(kept).toMatchObject({ ...change, enteredBy: 'Ana', countersign: null });
      },
    ),
  );
});

test('a reading that is not waiting, or does not exist, cannot be countersigned', () => {
  const own = signedReading(reading(), undefined, TECHNICIAN);
  expect(signedReading(again(own), own, TECHNICIAN).countersign).toBeNull();
  expect(signedReading(again(own), undefined, TECHNICIAN).countersign).toBeNull();
  const stands = signedReading(again(signedReading(reading(), undefined, APPRENTICE)), undefined, TECHNICIAN);
  expect(stands.countersign).toBeNull();
});

test('a later correction waits for its own countersignature', () => {
  const waits = signedReading(reading(), undefined, APPRENTICE);
  const corrected = signedReading(
    reading({ id: 'r2', value: 21, at: '2026-01-05T13:00:00.000Z', replaces: 'r1' } as Partial<Reading>),
    waits,
    APPRENTICE,
  );
  const stands = signedReading(again(waits), waits, TECHNICIAN);
  expect(waitingReadings([waits, corrected, stands]).map(({ id }) => id)).toEqual(['r2']);
});
