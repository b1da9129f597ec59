import { dequal as isEqual } from 'dequal/lite';
import { countingReadings, type Reading } from './reading';

/** Readings of an apprentice that count and are not countersigned. */
export const waitingReadings = (readings: readonly Reading[]): Reading[] =>
  countingReadings(readings).filter(({ countersign }) => countersign === 'waits');

/** “3 readings wait for a countersign.” */
export const waitingWords = (waiting: number): string =>
  waiting === 1 ? '1 reading needs a countersignature.' : `${waiting} readings need a countersignature.`;

/** A countersigned copy of a reading, with its reader and time: it counts from then on. The record keeps both. */
export const countersigned = (
  reading: Reading,
  { by, at, id, origin }: Pick<Reading, 'id' | 'origin'> & { readonly by: string; readonly at: string },
): Reading => ({ ...reading, id, origin, replaces: reading.id, countersign: { by, at } });

/** Countersignature in words; empty if none is needed. */
export const countersignWords = ({ countersign }: Pick<Reading, 'countersign'>): string => {
  if (countersign === null) return '';
  return countersign === 'waits' ? 'Not countersigned yet.' : `Countersigned by ${countersign.by}.`;
};

/** Whether an entry corrects another; a countersignature does not. */
export const isCorrection = ({ replaces, countersign }: Pick<Reading, 'replaces' | 'countersign'>): boolean =>
  replaces !== null && (countersign === null || countersign === 'waits');

/** Content of an entry, ignoring who entered or countersigned it. */
const word = (reading: Reading) => ({
  ...reading,
  id: '',
  origin: null,
  replaces: null,
  enteredBy: '',
  countersign: null,
});

/** The person who enters a reading. */
interface Enterer {
  readonly name: string;
  /** Whether their entries need a countersignature. */
  readonly isApprentice: boolean;
  /** Names of the crew: one member may have taken what another enters. */
  readonly names: ReadonlySet<string>;
}

/**
 * Prepares a reading for the record: the reader is a crew member, the person signed in entered it. An apprentice's
 * reading waits for a countersignature; a countersignature keeps the whole reading, and is refused if none is needed.
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
