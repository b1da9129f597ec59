import type { Reading } from '../../core/job/reading';
import { models } from '../models';
import { toRow } from './reading-rows';

/**
 * Adds readings to a job. Rows are only ever added; one that is sent twice lands once.
 * @returns false where there is no such job
 */
export const addReadings = async (jobId: string, readings: readonly Reading[]): Promise<boolean> => {
  const { sequelize, JobRow, ReadingRow } = models();
  return sequelize.transaction(async (transaction) => {
    const job = await JobRow.findOne({ where: { id: jobId, deletedAt: null }, lock: transaction.LOCK.KEY_SHARE, transaction });
    if (!job) return false;
    await ReadingRow.bulkCreate(
      readings.map((reading) => toRow(jobId, reading)),
      { ignoreDuplicates: true, transaction },
    );
    return true;
  });
};
