import type { Transaction } from 'sequelize';
import { models } from '../models';

/**
 * Adds rows below a job, in one transaction that keeps the job from being deleted meanwhile.
 * @returns false where there is no such job
 */
export const addToJob = (jobId: string, add: (transaction: Transaction) => Promise<void>): Promise<boolean> => {
  const { sequelize, JobRow } = models();
  return sequelize.transaction(async (transaction) => {
    const job = await JobRow.findOne({
      where: { id: jobId, deletedAt: null },
      lock: transaction.LOCK.KEY_SHARE,
      transaction,
    });
    if (!job) return false;
    await add(transaction);
    return true;
  });
};
