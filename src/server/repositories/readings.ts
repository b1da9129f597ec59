import type { Reading } from '../../core/job/reading';
import { models } from '../models';
import { addToJob } from './add-to-job';
import { toRow } from './reading-rows';

/**
 * Adds readings to a job. Rows are only ever added; one that is sent twice lands once.
 * @returns false where there is no such job
 */
export const addReadings = (jobId: string, readings: readonly Reading[]): Promise<boolean> =>
  addToJob(jobId, async (transaction) => {
    await models().ReadingRow.bulkCreate(
      readings.map((reading) => toRow(jobId, reading)),
      { ignoreDuplicates: true, transaction },
    );
  });
