import { inTime } from '../job/in-time';
import type { Reading, TakenReading } from '../job/reading';
import { COMPLAINTS } from './complaints';

/** Record items for the complaint and for a fix. */
export const COMPLAINT_ITEM = 'trouble/complaint';
export const FIXED_ITEM = 'trouble/fixed';
/** Record items for a temporary change, with what to put back in its note, and for having put it back. */
export const TONIGHT_ITEM = 'trouble/tonight';
export const PUT_BACK_ITEM = 'trouble/undone';

/** Time of the last fix on a visit; earlier readings no longer count. */
export const lastFixed = (readings: readonly Reading[]): TakenReading | undefined =>
  inTime(readings).findLast(
    (reading): reading is TakenReading => reading.item === FIXED_ITEM && reading.status === 'taken',
  );

/** A complaint in the owner's words; null if unknown. */
export const complaintWords = (id: string | null): string | null =>
  COMPLAINTS.find((each) => each.id === id)?.words ?? null;

/** Separator between things to put back in a note. */
const BETWEEN = '; ';

/** Things to put back, from a note. */
export const undoNote = (undo: readonly string[]): string => undo.join(BETWEEN);

/** Temporary changes not put back yet; they block handover. */
export const toPutBack = (readings: readonly Reading[]): readonly string[] => {
  const last = inTime(readings).findLast(
    ({ item, status, value }) =>
      status === 'taken' && (item === TONIGHT_ITEM || (item === PUT_BACK_ITEM && value === 'done')),
  );
  return last?.item === TONIGHT_ITEM && last.note !== '' ? last.note.split(BETWEEN) : [];
};
