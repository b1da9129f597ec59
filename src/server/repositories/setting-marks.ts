import type { SettingMark } from '../../core/job/setting-marks';
import { models } from '../models';
import { addToJob } from './add-to-job';
import { toMarkRow } from './setting-mark-rows';

/**
 * Adds marks to a job. Rows are only ever added; one that is sent twice lands once.
 * @returns false where there is no such job
 */
export const addSettingMarks = (jobId: string, marks: readonly SettingMark[]): Promise<boolean> =>
  addToJob(jobId, async (transaction) => {
    await models().SettingMarkRow.bulkCreate(
      marks.map((mark) => toMarkRow(jobId, mark)),
      { ignoreDuplicates: true, transaction },
    );
  });
