import type { JobHistory } from '../../core/job/stored-job';
import { models } from '../models';
import { fromRow, toRow } from './reading-rows';
import { fromMarkRow, toMarkRow } from './setting-mark-rows';
import { fromVisitRow, toVisitRow } from './visit-rows';

/** Everything that was done at a job, in time. */
export const readHistory = async (jobId: string): Promise<JobHistory> => {
  const { ReadingRow, SettingMarkRow, VisitRow } = models();
  const of = (time: string) => ({
    where: { jobId },
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

/** Adds to what was done at a job. Rows are only ever added; what is there already stays as it is. */
export const addHistory = async (
  jobId: string,
  { visits = [], readings = [], settingMarks = [] }: Partial<JobHistory>,
): Promise<void> => {
  const { ReadingRow, SettingMarkRow, VisitRow } = models();
  const once = { ignoreDuplicates: true };
  await VisitRow.bulkCreate(
    visits.map((visit) => toVisitRow(jobId, visit)),
    once,
  );
  await ReadingRow.bulkCreate(
    readings.map((reading) => toRow(jobId, reading)),
    once,
  );
  await SettingMarkRow.bulkCreate(
    settingMarks.map((mark) => toMarkRow(jobId, mark)),
    once,
  );
};
