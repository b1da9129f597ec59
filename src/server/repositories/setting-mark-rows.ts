import { noLaterThan } from '../../core/job/in-time';
import type { SettingMark } from '../../core/job/setting-marks';
import type { SettingMarkRow } from '../models/setting-mark';
import { originColumns, originOf } from './origin-columns';

/** A mark as a row. */
export const toMarkRow = (jobId: string, { at, visit, origin, ...mark }: SettingMark) => ({
  ...mark,
  ...originColumns({ origin }),
  jobId,
  visitId: visit,
  markedAt: new Date(at),
  receivedAt: new Date(),
});

/** A row as a mark. */
export const fromMarkRow = (row: SettingMarkRow): SettingMark => ({
  id: row.id,
  // Older rows were accepted with any clock.
  ...noLaterThan({ at: row.markedAt.toISOString(), origin: originOf(row) }, row.receivedAt.getTime()),
  visit: row.visitId,
  author: row.author,
  enteredBy: row.enteredBy,
  controller: row.controller as SettingMark['controller'],
  profile: row.profile,
  entry: row.entry,
  code: row.code,
  label: row.label,
  kind: row.kind as SettingMark['kind'],
  value: row.value,
  words: row.words,
});
