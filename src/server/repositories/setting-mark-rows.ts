import type { SettingMark } from '../../core/job/setting-marks';
import type { SettingMarkRow } from '../models/setting-mark';

/** A mark as a row. */
export const toMarkRow = (jobId: string, { at, ...mark }: SettingMark) => ({
  ...mark,
  id: mark.id.toLowerCase(),
  jobId,
  markedAt: new Date(at),
  receivedAt: new Date(),
});

/** A row as a mark. */
export const fromMarkRow = (row: SettingMarkRow): SettingMark => ({
  id: row.id,
  at: row.markedAt.toISOString(),
  author: row.author,
  controller: row.controller as SettingMark['controller'],
  profile: row.profile,
  entry: row.entry,
  code: row.code,
  label: row.label,
  kind: row.kind as SettingMark['kind'],
  value: row.value,
  words: row.words,
});
