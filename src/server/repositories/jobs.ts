import { Transaction } from 'sequelize';
import type { JobDocument } from '../../core/job/document';
import { jobName } from '../../core/job/job-name';
import { migrated } from '../../core/job/migrations';
import type { Imported, JobHistory, StoredJob } from '../../core/job/stored-job';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import type { JobRow } from '../models/job';
import { addHistory, readHistory } from './history';
import { importedColumns, importedOf } from './imported-columns';
import { summarize } from './summaries';

/** Search columns of the job list, derived from the document at every write. */
export const searchable = (document: JobDocument) => ({
  name: jobName(document.facts),
  customer: document.facts.site.customer,
  street: document.facts.site.street,
  town: document.facts.site.town,
});

/** A job from its row and history. */
export const toStored = (row: JobRow, history: JobHistory): StoredJob => ({
  id: row.id,
  revision: row.revision,
  document: migrated(row.document),
  readings: history.readings,
  settingMarks: history.settingMarks,
  visits: history.visits,
  handedOverAt: row.handedOverAt?.toISOString() ?? null,
  ...(row.importedAt && { imported: importedOf(row)! }),
  archivedAt: row.archivedAt?.toISOString() ?? null,
  updatedAt: row.updatedAt.toISOString(),
  updatedBy: row.updatedBy,
});

/** Whether a job exists and is not deleted. */
export const hasJob = async (id: string): Promise<boolean> =>
  (await models().JobRow.count({ where: { id, deletedAt: null } })) === 1;

/** A job's name, even if deleted; empty if there was none. */
export const nameOfJob = (scope: CrewScope, id: string): Promise<string> =>
  inCrew(scope, async () => (await models().JobRow.findByPk(id, { attributes: ['name'] }))?.name ?? '');

/** A job with its history; null if none or deleted. */
export const getJob = (scope: CrewScope, id: string): Promise<StoredJob | null> =>
  inCrew(scope, async () => {
    const row = await models().JobRow.findOne({ where: { id, deletedAt: null } });
    return row && toStored(row, await readHistory(id));
  });

/**
 * A job, locked until the transaction ends.
 * @param lock `NO_KEY_UPDATE` for adding rows, `UPDATE` for changing the job itself
 */
export const lockedJob = async (id: string, lock: keyof typeof Transaction.LOCK): Promise<StoredJob | null> => {
  const row = await models().JobRow.findOne({
    where: { id, deletedAt: null },
    lock: Transaction.LOCK[lock] as never,
  });
  return row && toStored(row, await readHistory(id));
};

/** Inserts a new job with its history; false if its id is taken, including by a deleted job. */
export const insertJob = async (
  id: string,
  document: JobDocument,
  history: JobHistory,
  handedOverAt: string | null,
  author: string,
  imported: Imported | null = null,
): Promise<boolean> => {
  const [row, isNew] = await models().JobRow.findOrCreate({
    where: { id },
    defaults: {
      id,
      revision: 1,
      fileVersion: document.fileVersion,
      document,
      ...searchable(document),
      handedOverAt: handedOverAt === null ? null : new Date(handedOverAt),
      archivedAt: null,
      deletedAt: null,
      updatedBy: author,
      ...importedColumns(imported),
    },
  });
  if (!isNew) return false;
  await addHistory(id, history);
  await summarize(toStored(row, history));
  return true;
};

/**
 * Creates a job under a client-made id. Sent twice, it is created once and the existing one is returned.
 * @returns the job, and whether it is new; null where the id was a deleted job's, whose place nothing takes
 */
export const createJob = (
  scope: CrewScope,
  anyId: string,
  document: JobDocument,
  history: JobHistory,
  handedOverAt: string | null,
  author: string,
): Promise<{ job: StoredJob; isNew: boolean } | null> =>
  inCrew(scope, async () => {
    const id = anyId.toLowerCase();
    const isNew = await insertJob(id, document, history, handedOverAt, author);
    const job = await getJob(scope, id);
    return job && { job, isNew };
  });
