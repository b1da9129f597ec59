import { noLaterThan } from '../../core/job/in-time';
import type { Reading } from '../../core/job/reading';
import type { ReadingRow } from '../models/reading';
import { originColumns, originOf } from './origin-columns';

const countersignColumns = ({ countersign }: Reading) => {
  const given = countersign === 'waits' ? null : countersign;
  return {
    waitsForCountersign: countersign === 'waits',
    countersignedBy: given?.by ?? null,
    countersignedAt: given && new Date(given.at),
  };
};

const countersignOf = ({
  waitsForCountersign,
  countersignedBy,
  countersignedAt,
}: ReadingRow): Reading['countersign'] => {
  if (waitsForCountersign) return 'waits';
  return countersignedBy !== null && countersignedAt
    ? { by: countersignedBy, at: countersignedAt.toISOString() }
    : null;
};

/** A reading as a row. */
export const toRow = (jobId: string, reading: Reading) => ({
  jobId,
  id: reading.id,
  item: reading.item,
  valueNumber: typeof reading.value === 'number' ? reading.value : null,
  valueWord: typeof reading.value === 'number' ? null : reading.value,
  place: reading.place,
  takenAt: new Date(reading.at),
  author: reading.author,
  instrument: reading.instrument,
  replaces: reading.replaces,
  receivedAt: new Date(),
  visitId: reading.visit,
  enteredBy: reading.enteredBy,
  meterOhms: reading.meterOhms,
  ...originColumns(reading),
  status: reading.status,
  why: reading.status === 'taken' ? '' : reading.why,
  note: reading.note,
  ...countersignColumns(reading),
});

/** A row as a reading. */
export const fromRow = (row: ReadingRow): Reading => {
  const said = { at: row.takenAt.toISOString(), origin: originOf(row) };
  // Older rows were accepted with any clock.
  const entered = noLaterThan(said, row.receivedAt.getTime());
  const common = {
    id: row.id,
    item: row.item,
    visit: row.visitId,
    place: row.place,
    ...entered,
    author: row.author,
    enteredBy: row.enteredBy,
    instrument: row.instrument,
    meterOhms: row.meterOhms,
    note: row.note,
    countersign: countersignOf(row),
    replaces: row.replaces,
  };
  return row.status === 'taken'
    ? {
        ...common,
        status: 'taken',
        value: row.valueNumber ?? (row.valueWord as Exclude<NonNullable<Reading['value']>, number>),
      }
    : { ...common, status: row.status as 'withdrawn' | 'not-measured', value: null, why: row.why };
};
