import { inTime } from '../job/in-time';
import type { Reading, TakenReading } from '../job/reading';
import { COMPLAINTS } from './complaints';

/** Under these the record keeps what the owner said, and what was fixed. */
export const COMPLAINT_ITEM = 'trouble/complaint';
export const FIXED_ITEM = 'trouble/fixed';
/** What was set or moved for a night; its note is what has to be put back. And that it was. */
export const TONIGHT_ITEM = 'trouble/tonight';
export const PUT_BACK_ITEM = 'trouble/undone';

/** When the last thing was fixed on a visit; nothing read before it counts after it. */
export const lastFixed = (readings: readonly Reading[]): TakenReading | undefined =>
  inTime(readings).findLast(
    (reading): reading is TakenReading => reading.item === FIXED_ITEM && reading.status === 'taken',
  );

/** A complaint in its owner's words; null: not one that is known. */
export const complaintWords = (id: string | null): string | null =>
  COMPLAINTS.find((each) => each.id === id)?.words ?? null;

/** Things to put back stand apart by this in a note. */
const BETWEEN = '; ';

/** What has to be put back, as a note keeps it. */
export const undoNote = (undo: readonly string[]): string => undo.join(BETWEEN);

/** What was set or moved for a night and is not put back yet; a job is not handed over before. */
export const toPutBack = (readings: readonly Reading[]): readonly string[] => {
  const last = inTime(readings).findLast(
    ({ item, status, value }) =>
      status === 'taken' && (item === TONIGHT_ITEM || (item === PUT_BACK_ITEM && value === 'done')),
  );
  return last?.item === TONIGHT_ITEM && last.note !== '' ? last.note.split(BETWEEN) : [];
};
