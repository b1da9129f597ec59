import { dequal as isEqual } from 'dequal/lite';
import { countingReadings, type Reading } from './reading';

/** Readings of an apprentice that count, and that no one has countersigned yet. */
export const waitingReadings = (readings: readonly Reading[]): Reading[] =>
  countingReadings(readings).filter(({ countersign }) => countersign === 'waits');

/** “3 readings wait for a countersign.” */
export const waitingWords = (waiting: number): string =>
  waiting === 1 ? '1 reading needs a countersignature.' : `${waiting} readings need a countersignature.`;

/**
 * A reading said again as it was, by whoever read it and when, with who means it now: the line that counts from
 * then on. The record keeps both.
 */
export const countersigned = (
  reading: Reading,
  { by, at, id, origin }: Pick<Reading, 'id' | 'origin'> & { readonly by: string; readonly at: string },
): Reading => ({ ...reading, id, origin, replaces: reading.id, countersign: { by, at } });

/** Who means a reading that an apprentice took, in words; empty where no one needs to. */
export const countersignWords = ({ countersign }: Pick<Reading, 'countersign'>): string => {
  if (countersign === null) return '';
  return countersign === 'waits' ? 'Not countersigned yet.' : `Countersigned by ${countersign.by}.`;
};

/** Whether a line puts another one right: one that only countersigns it does not. */
export const isCorrection = ({ replaces, countersign }: Pick<Reading, 'replaces' | 'countersign'>): boolean =>
  replaces !== null && (countersign === null || countersign === 'waits');

/** What a line of the record says, whoever entered it or means it. */
const word = (reading: Reading) => ({
  ...reading,
  id: '',
  origin: null,
  replaces: null,
  enteredBy: '',
  countersign: null,
});

/** Who enters a reading. */
interface Enterer {
  readonly name: string;
  /** Whether what he enters waits for a countersign. */
  readonly isApprentice: boolean;
  /** Everyone of the crew: one of them may have read what another enters. */
  readonly names: ReadonlySet<string>;
}

/**
 * A reading as it goes into the record: who read it is someone of the crew, who entered it is who is signed in. What
 * an apprentice enters waits; what countersigns a reading keeps everything of it, and no one countersigns what waits
 * for nothing.
 * @param before the reading that it names as the one before it
 */
export const signedReading = (
  reading: Reading,
  before: Reading | undefined,
  { name, isApprentice, names }: Enterer,
): Reading => {
  const entered = { ...reading, author: names.has(reading.author) ? reading.author : name, enteredBy: name };
  if (isApprentice) return { ...entered, countersign: 'waits' };
  const isCountersign =
    before?.countersign === 'waits' &&
    reading.countersign !== null &&
    reading.countersign !== 'waits' &&
    isEqual(word(before), word(reading));
  return isCountersign
    ? {
        ...before,
        id: reading.id,
        origin: reading.origin,
        replaces: before.id,
        countersign: { by: name, at: reading.countersign.at },
      }
    : { ...entered, countersign: null };
};
