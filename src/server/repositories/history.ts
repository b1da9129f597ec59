import type { JobHistory } from '../../core/job/stored-job';
import { models } from '../models';
import { fromRow, toRow } from './reading-rows';
import { fromMarkRow, toMarkRow } from './setting-mark-rows';
import { fromVisitRow, toVisitRow } from './visit-rows';

/** Everything done at a job, in time order. */
export const readHistory = async (jobId: string): Promise<JobHistory> => {
  const { ReadingRow, SettingMarkRow, VisitRow } = models();
  const of = (time: string) => ({
    where: { jobId },
    // Raw rows: a job may have ten thousand, and none is changed.
    raw: true,
    order: [
      [time, 'ASC'],
      ['id', 'ASC'],
    ] as [string, string][],
  });
  const visits = await VisitRow.findAll(of('beganAt'));
  const readings = await ReadingRow.findAll(of('takenAt'));
  const marks = await SettingMarkRow.findAll(of('markedAt'));
  return {
    visits: visits.map(fromVisitRow),
    readings: readings.map(fromRow),
    settingMarks: marks.map(fromMarkRow),
  };
};

const ONCE = { ignoreDuplicates: true };
/** Rows per statement: building larger ones would block others. */
const ROWS_AT_ONCE = 150;

const inParts = async <Row>(rows: readonly Row[], add: (part: Row[]) => Promise<unknown>): Promise<void> => {
  for (let from = 0; from < rows.length; from += ROWS_AT_ONCE) await add(rows.slice(from, from + ROWS_AT_ONCE));
};

/** Adds to a job's history. Rows are append-only; existing ones stay. */
export const addHistory = async (
  jobId: string,
  { visits = [], readings = [], settingMarks = [] }: Partial<JobHistory>,
): Promise<void> => {
  const { ReadingRow, SettingMarkRow, VisitRow } = models();
  await inParts(
    visits.map((visit) => toVisitRow(jobId, visit)),
    (rows) => VisitRow.bulkCreate(rows, ONCE),
  );
  await inParts(
    readings.map((reading) => toRow(jobId, reading)),
    (rows) => ReadingRow.bulkCreate(rows, ONCE),
  );
  await inParts(
    settingMarks.map((mark) => toMarkRow(jobId, mark)),
    (rows) => SettingMarkRow.bulkCreate(rows, ONCE),
  );
};
