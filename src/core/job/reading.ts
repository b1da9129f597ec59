import { inTime, type Timed } from './in-time';

/**
 * Value of a reading: a number in the item's unit, an open circuit (`OL`), a tick, a withdrawn tick (`undone`), or an
 * observation word.
 */
export type ReadingValue = number | 'OL' | 'done' | 'undone' | SeenValue;

/** Something seen or heard, by its word. */
export type SeenValue = `seen:${string}`;

/** A word as stored. */
export const seenValue = (word: string): SeenValue => `seen:${word}`;

/** The word of an observation; null for other values. */
export const seenWord = (value: ReadingValue | null): string | null =>
  typeof value === 'string' && value.startsWith(SEEN_MARK) ? value.slice(SEEN_MARK.length) : null;

const SEEN_MARK = 'seen:';

/** Who countersigned an apprentice's reading, and when. */
export interface Countersign {
  readonly by: string;
  /** ISO 8601. */
  readonly at: string;
}

interface ReadingFields extends Timed {
  /** Its item, such as `heat-aux/amps-1`. */
  readonly item: string;
  /** Its visit. Readings of different visits never compete. */
  readonly visit: string;
  /** Where the clamp or probe was, if that matters. */
  readonly place: string | null;
  /** Who took the reading. */
  readonly author: string;
  /** Who entered it, if that was someone else. */
  readonly enteredBy: string;
  readonly instrument: string;
  /** Input impedance of the meter for volts, if known, Ω. */
  readonly meterOhms: number | null;
  readonly note: string;
  /** Countersignature of an apprentice's reading: waiting, or by whom; null: not needed. */
  readonly countersign: 'waits' | Countersign | null;
  /** The reading that this one corrects, withdraws or countersigns. */
  readonly replaces: string | null;
}

/** A reading that was taken. */
export interface TakenReading extends ReadingFields {
  readonly status: 'taken';
  readonly value: ReadingValue;
}

/** A withdrawn reading or an unmeasured item, with the reason. */
export interface UntakenReading extends ReadingFields {
  readonly status: 'withdrawn' | 'not-measured';
  readonly value: null;
  readonly why: string;
}

/** One entry of the record. Entries are never changed: a correction is a new entry that names the old one. */
export type Reading = TakenReading | UntakenReading;

/** Fields of a reading in the first record version. */
export type UnsignedReading = Pick<
  TakenReading,
  'id' | 'item' | 'value' | 'place' | 'at' | 'author' | 'instrument' | 'replaces'
>;

/** A reading with missing fields set to unknown. */
export const takenReading = ({
  visit,
  ...bare
}: UnsignedReading & Partial<TakenReading> & { visit: string }): TakenReading => ({
  visit,
  enteredBy: '',
  meterOhms: null,
  origin: null,
  note: '',
  countersign: null,
  status: 'taken',
  ...bare,
});

/**
 * An item's readings in order of precedence, the counting one last: corrections after what they correct, whatever the
 * clocks say, then by time. A cycle of corrections falls back to time.
 */
const inOrder = (readings: readonly Reading[]): Reading[] => {
  const replaced = new Set(readings.map(({ replaces }) => replaces));
  const sorted = inTime(readings);
  return [...sorted.filter(({ id }) => replaced.has(id)), ...sorted.filter(({ id }) => !replaced.has(id))];
};

const byItem = (readings: readonly Reading[]): Map<string, Reading[]> => {
  const all = new Map<string, Reading[]>();
  for (const reading of readings) {
    const known = all.get(reading.item);
    if (known) known.push(reading);
    else all.set(reading.item, [reading]);
  }
  return all;
};

/** The present word on an item: its last one that was not withdrawn; none if what it corrected was withdrawn last. */
const standing = (readings: readonly Reading[]): Reading | undefined => {
  const replaced = new Set(readings.map(({ replaces }) => replaces));
  const open = inOrder(readings).filter(({ id }) => !replaced.has(id));
  // In a cycle of corrections time decides.
  const last = (open.length > 0 ? open : inOrder(readings)).filter(({ status }) => status !== 'withdrawn').at(-1);
  return last;
};

const standingWith = <S extends Reading['status']>(readings: readonly Reading[], status: S) =>
  new Map(
    [...byItem(readings)].flatMap(([item, all]) => {
      const last = standing(all);
      return last?.status === status ? [[item, last as Extract<Reading, { status: S }>] as const] : [];
    }),
  );

/**
 * The counting reading of each item of one visit: corrections first, else the last. Withdrawn and unmeasured items have
 * none.
 */
export const currentReadings = (readings: readonly Reading[]): ReadonlyMap<string, TakenReading> =>
  standingWith(readings, 'taken');

/** Unmeasured items, with reasons. */
export const notMeasured = (readings: readonly Reading[]): ReadonlyMap<string, UntakenReading> =>
  standingWith(readings, 'not-measured') as ReadonlyMap<string, UntakenReading>;

/** The counting word of each item: its reading, or why there is none. */
export const countingReadings = (readings: readonly Reading[]): Reading[] =>
  [...byItem(readings).values()].flatMap((all) => standing(all) ?? []);

/** All readings of one item, the counting one first. */
export const readingHistory = (readings: readonly Reading[], item: string): Reading[] =>
  inOrder(readings.filter((reading) => reading.item === item)).reverse();

/** A new word on an item, before id, time, origin, visit and author. */
export type NewReading = { readonly note?: string } & (
  | ({
      readonly status?: 'taken';
      /** The instrument, if it reported itself. */
      readonly instrument?: string;
    } & Pick<TakenReading, 'item' | 'value' | 'place' | 'meterOhms' | 'replaces'>)
  | Pick<UntakenReading, 'item' | 'status' | 'why' | 'replaces'>
);

/** When, where and by whom a word was entered. */
type Said = Pick<ReadingFields, 'id' | 'at' | 'origin' | 'visit' | 'author' | 'instrument' | 'replaces'>;

/** A record entry for a word. An unmeasured item has no value and no instrument. */
export const readingFrom = (word: NewReading, said: Said): Reading => {
  const note = word.note ?? '';
  return 'why' in word
    ? {
        ...word,
        ...said,
        note,
        value: null,
        place: null,
        enteredBy: '',
        meterOhms: null,
        instrument: '',
        countersign: null,
      }
    : takenReading({ ...word, ...said, instrument: word.instrument ?? said.instrument, note });
};

/** Reason for a reading undone right after entry. */
export const UNDONE = 'Undone right after entry';

/** The present word on an item, ready to enter again; null if none. */
export interface ReadingStanding {
  readonly id: string;
  readonly word: NewReading;
}

/** The present word on an item: its reading, or why there is none. */
export const readingStanding = (readings: readonly Reading[], item: string): ReadingStanding | null => {
  const stands = standing(readings.filter((reading) => reading.item === item));
  if (!stands) return null;
  const { id, note, replaces } = stands;
  if (stands.status !== 'taken') return { id, word: { item, status: 'not-measured', why: stands.why, note, replaces } };
  const { value, place, meterOhms, instrument } = stands;
  return { id, word: { item, value, place, meterOhms, instrument, note, replaces } };
};

/**
 * Undoes the last word on an item: the word before it counts again, or none. The record keeps both.
 * @param id the word to undo
 * @param before the word before it
 * @returns null if it is not the item's last word: something newer was read since
 */
export const undoneReading = (
  readings: readonly Reading[],
  id: string,
  before: ReadingStanding | null,
): NewReading | null => {
  const item = readings.find((reading) => reading.id === id)?.item;
  if (item === undefined || inOrder(readings.filter((reading) => reading.item === item)).at(-1)?.id !== id) return null;
  return before ? { ...before.word, replaces: id } : { item, status: 'withdrawn', why: UNDONE, replaces: id };
};
