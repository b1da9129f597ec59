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

/** The reading that counts for each item: the last one taken. */
export const currentReadings = (readings: readonly Reading[]): ReadonlyMap<string, Reading> =>
  new Map([...readings].sort((a, b) => a.at.localeCompare(b.at)).map((reading) => [reading.item, reading]));

/** All readings of one item, latest first. */
export const readingHistory = (readings: readonly Reading[], item: string): Reading[] =>
  readings.filter((reading) => reading.item === item).sort((a, b) => b.at.localeCompare(a.at));
