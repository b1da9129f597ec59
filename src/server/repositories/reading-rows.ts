import type { Reading } from '../../core/job/reading';
import type { ReadingRow } from '../models/reading';

/** A reading as a row. */
export const toRow = (jobId: string, reading: Reading) => ({
  jobId,
  id: reading.id.toLowerCase(),
  item: reading.item,
  valueNumber: typeof reading.value === 'number' ? reading.value : null,
  valueWord: typeof reading.value === 'number' ? null : reading.value,
  place: reading.place,
  takenAt: new Date(reading.at),
  author: reading.author,
  instrument: reading.instrument,
  replaces: reading.replaces?.toLowerCase() ?? null,
  receivedAt: new Date(),
});

/** A row as a reading. */
export const fromRow = (row: ReadingRow): Reading => ({
  id: row.id,
  item: row.item,
  value: row.valueNumber ?? (row.valueWord as Exclude<Reading['value'], number>),
  place: row.place,
  at: row.takenAt.toISOString(),
  author: row.author,
  instrument: row.instrument,
  replaces: row.replaces,
});
