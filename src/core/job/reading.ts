import { inTime, type Timed } from './in-time';

/**
 * What was read: a number in the item's unit, an open circuit (`OL`), a thing done, a tick taken back (`undone`), or
 * something seen, in a word.
 */
export type ReadingValue = number | 'OL' | 'done' | 'undone' | SeenValue;

/** Something seen, heard or said, by its word. */
export type SeenValue = `seen:${string}`;

/** A word as the record keeps it. */
export const seenValue = (word: string): SeenValue => `seen:${word}`;

/** The word of a reading that is one; null where it is none. */
export const seenWord = (value: ReadingValue | null): string | null =>
  typeof value === 'string' && value.startsWith(SEEN_MARK) ? value.slice(SEEN_MARK.length) : null;

const SEEN_MARK = 'seen:';

/** Who means what an apprentice read, and since when. */
export interface Countersign {
  readonly by: string;
  /** ISO 8601. */
  readonly at: string;
}

interface ReadingFields extends Timed {
  /** The item it answers, such as `heat-aux/amps-1`. */
  readonly item: string;
  /** The visit on which it was read. Readings of different visits never compete. */
  readonly visit: string;
  /** Where the clamp or the probe was, where that makes a difference. */
  readonly place: string | null;
  /** Who read. */
  readonly author: string;
  /** Who entered it, where that is someone else than who read. */
  readonly enteredBy: string;
  readonly instrument: string;
  /** The meter's own impedance where volts were read and it is known, Ω. */
  readonly meterOhms: number | null;
  readonly note: string;
  /** An apprentice’s: whether someone has still to mean it, or who does; null: no one needs to. */
  readonly countersign: 'waits' | Countersign | null;
  /** The reading that this one corrects, withdraws or countersigns. */
  readonly replaces: string | null;
}

/** A reading that was taken. */
export interface TakenReading extends ReadingFields {
  readonly status: 'taken';
  readonly value: ReadingValue;
}

/** A reading that was withdrawn, or an item that was not measured; and why. */
export interface UntakenReading extends ReadingFields {
  readonly status: 'withdrawn' | 'not-measured';
  readonly value: null;
  readonly why: string;
}

/** One line of the record. It is never changed: a correction is a new one that names the old. */
export type Reading = TakenReading | UntakenReading;

/** What the first version of the record held of a reading. */
export type UnsignedReading = Pick<
  TakenReading,
  'id' | 'item' | 'value' | 'place' | 'at' | 'author' | 'instrument' | 'replaces'
>;

/** A reading that was taken, with what is not said of it as not known. */
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
 * The readings of one item in the order in which they count, the one that counts last: what nothing corrects after what
 * was corrected, whatever their clocks said, and among those the later one. A ring of corrections falls back on time.
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

/** What stands of an item: its last word that was not withdrawn; nothing where what it corrected was withdrawn last. */
const standing = (readings: readonly Reading[]): Reading | undefined => {
  const replaced = new Set(readings.map(({ replaces }) => replaces));
  const open = inOrder(readings).filter(({ id }) => !replaced.has(id));
  // Where corrections go round in a ring nothing is open, and time decides.
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
 * The reading that counts for each item, of those of one visit: a correction before what it corrects, else the last one
 * taken. An item whose reading was withdrawn, or that was not measured, has none.
 */
export const currentReadings = (readings: readonly Reading[]): ReadonlyMap<string, TakenReading> =>
  standingWith(readings, 'taken');

/** Items that were left unmeasured, with why. */
export const notMeasured = (readings: readonly Reading[]): ReadonlyMap<string, UntakenReading> =>
  standingWith(readings, 'not-measured') as ReadonlyMap<string, UntakenReading>;

/** The words that count, one for each item: what was read, or why it was not. */
export const countingReadings = (readings: readonly Reading[]): Reading[] =>
  [...byItem(readings).values()].flatMap((all) => standing(all) ?? []);

/** All readings of one item, the one that counts first. */
export const readingHistory = (readings: readonly Reading[], item: string): Reading[] =>
  inOrder(readings.filter((reading) => reading.item === item)).reverse();

/** What is said of an item, before it has its id, time, origin, visit and author. */
export type NewReading = { readonly note?: string } & (
  | ({
      readonly status?: 'taken';
      /** What it was read with, where the instrument itself said so. */
      readonly instrument?: string;
    } & Pick<TakenReading, 'item' | 'value' | 'place' | 'meterOhms' | 'replaces'>)
  | Pick<UntakenReading, 'item' | 'status' | 'why' | 'replaces'>
);

/** When, where and by whom something is said of an item. */
type Said = Pick<ReadingFields, 'id' | 'at' | 'origin' | 'visit' | 'author' | 'instrument' | 'replaces'>;

/** A line of the record of what is said of an item. What was not taken has no value, and nothing it was read with. */
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

/** Why a reading does not count that was undone as soon as it was entered. */
export const UNDONE = 'Undone right after entry';

/** What stands of an item, in a form in which it can be said again; null where nothing does. */
export interface ReadingStanding {
  readonly id: string;
  readonly word: NewReading;
}

/** What stands of an item: what was read, or why it was not. */
export const readingStanding = (readings: readonly Reading[], item: string): ReadingStanding | null => {
  const stands = standing(readings.filter((reading) => reading.item === item));
  if (!stands) return null;
  const { id, note, replaces } = stands;
  if (stands.status !== 'taken') return { id, word: { item, status: 'not-measured', why: stands.why, note, replaces } };
  const { value, place, meterOhms, instrument } = stands;
  return { id, word: { item, value, place, meterOhms, instrument, note, replaces } };
};

/**
 * What undoes the last word on an item: what stood before it stands again, or nothing does. The record keeps both.
 * @param id the word to undo
 * @param before what stood before it
 * @returns null where it is not the item's last word: something newer was read since
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
