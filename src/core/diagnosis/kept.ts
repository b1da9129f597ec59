import { inTime } from '../job/in-time';
import type { Reading, TakenReading } from '../job/reading';
import { COMPLAINTS } from './complaints';

/** Under these the record keeps what the owner said, and what was fixed. */
export const COMPLAINT_ITEM = 'trouble/complaint';
export const FIXED_ITEM = 'trouble/fixed';

/** When the last thing was fixed on a visit; nothing read before it counts after it. */
export const lastFixed = (readings: readonly Reading[]): TakenReading | undefined =>
  inTime(readings).findLast(
    (reading): reading is TakenReading => reading.item === FIXED_ITEM && reading.status === 'taken',
  );

/** A complaint in its owner's words; null: not one that is known. */
export const complaintWords = (id: string | null): string | null =>
  COMPLAINTS.find((each) => each.id === id)?.words ?? null;
