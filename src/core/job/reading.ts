/**
 * What was read: a number in the item's unit, an open circuit (`OL`), a thing done, or a tick taken back (`undone`).
 */
export type ReadingValue = number | 'OL' | 'done' | 'undone';

/** One reading as it was taken. Readings are never changed: a correction is a new one that names the old. */
export interface Reading {
  readonly id: string;
  /** The item it answers, such as `heat-aux/amps-1`. */
  readonly item: string;
  readonly value: ReadingValue;
  /** Where the clamp or the probe was, where that makes a difference. */
  readonly place: string | null;
  /** When it was taken, ISO 8601. */
  readonly at: string;
  readonly author: string;
  readonly instrument: string;
  /** The reading that this one corrects. */
  readonly replaces: string | null;
}

/** Stamped farther ahead, a reading has a clock that was set wrong, ms. Our judgement: longer than a day of work. */
const AHEAD_MS = 12 * 3_600_000;

/**
 * Why a reading's time is doubted, in words; null where it is not. The reading counts all the same.
 * @param now a time here that is not over, such as when the page was opened, ms since 1970
 */
export const timeDoubt = ({ at }: Pick<Reading, 'at'>, now: number): string | null =>
  Date.parse(at) - now > AHEAD_MS ? 'stamped ahead of time: that clock was set wrong' : null;

const inTime = (a: Reading, b: Reading) => a.at.localeCompare(b.at);

/**
 * The readings of one item in the order in which they count, the one that counts last: what nothing corrects after what
 * was corrected, whatever their clocks said, and among those the later one. A ring of corrections falls back on time.
 */
const inOrder = (readings: readonly Reading[]): Reading[] => {
  const replaced = new Set(readings.map(({ replaces }) => replaces));
  const sorted = [...readings].sort(inTime);
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

/** The reading that counts for each item: a correction before what it corrects, else the last one taken. */
export const currentReadings = (readings: readonly Reading[]): ReadonlyMap<string, Reading> =>
  new Map([...byItem(readings)].map(([item, all]) => [item, inOrder(all).at(-1)!]));

/** All readings of one item, the one that counts first. */
export const readingHistory = (readings: readonly Reading[], item: string): Reading[] =>
  inOrder(readings.filter((reading) => reading.item === item)).reverse();
