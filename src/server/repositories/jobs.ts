import type { Transaction } from 'sequelize';
import { documentOf, type JobFile } from '../../core/formats/job-file';
import { upToDate } from '../../core/job/assumptions';
import {
  applyChanges,
  copyName,
  type FactChange,
  factValue,
  type JobDocument,
  jobName,
  renamed,
  sameValue,
} from '../../core/job/document';
import type { JobHistory, StoredJob } from '../../core/job/stored-job';
import { models } from '../models';
import type { JobRow } from '../models/job';
import { fromRow, toRow } from './reading-rows';
import { landed, remember } from './saves';
import { fromMarkRow, toMarkRow } from './setting-mark-rows';

/** The columns that the board searches, taken from the document at every write. */
const searchable = (document: JobDocument) => ({
  name: jobName(document.facts),
  customer: document.facts.site.customer,
  street: document.facts.site.street,
  town: document.facts.site.town,
});

const toStored = (row: JobRow, { readings, settingMarks }: JobHistory): StoredJob => ({
  id: row.id,
  revision: row.revision,
  document: upToDate(row.document),
  readings,
  settingMarks,
  handedOverAt: row.handedOverAt?.toISOString() ?? null,
  archivedAt: row.archivedAt?.toISOString() ?? null,
  updatedAt: row.updatedAt.toISOString(),
  updatedBy: row.updatedBy,
});

/** A job with its readings and marks; null where there is none, or it was deleted. */
export const getJob = async (id: string, transaction?: Transaction): Promise<StoredJob | null> => {
  const { JobRow, ReadingRow, SettingMarkRow } = models();
  const within = transaction ? { transaction } : {};
  const row = await JobRow.findOne({ where: { id, deletedAt: null }, ...within });
  if (!row) return null;
  const readings = await ReadingRow.findAll({
    where: { jobId: id },
    order: [
      ['takenAt', 'ASC'],
      ['id', 'ASC'],
    ],
    ...within,
  });
  const marks = await SettingMarkRow.findAll({
    where: { jobId: id },
    order: [
      ['markedAt', 'ASC'],
      ['id', 'ASC'],
    ],
    ...within,
  });
  return toStored(row, { readings: readings.map(fromRow), settingMarks: marks.map(fromMarkRow) });
};

/** Puts a new job with its history into the database; false where its id is taken, by a deleted job too. */
const insertJob = async (
  id: string,
  document: JobDocument,
  { readings, settingMarks }: JobHistory,
  handedOverAt: string | null,
  author: string,
  transaction: Transaction,
): Promise<boolean> => {
  const { JobRow, ReadingRow, SettingMarkRow } = models();
  const [, isNew] = await JobRow.findOrCreate({
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
    },
    transaction,
  });
  if (!isNew) return false;
  await ReadingRow.bulkCreate(
    readings.map((reading) => toRow(id, reading)),
    { transaction, ignoreDuplicates: true },
  );
  await SettingMarkRow.bulkCreate(
    settingMarks.map((mark) => toMarkRow(id, mark)),
    { transaction, ignoreDuplicates: true },
  );
  return true;
};

/**
 * Makes a job under an id that the client chose. Sent twice, it lands once: what is there already is returned.
 * @returns the job, and whether it is new; null where the id was a deleted job's, whose place nothing takes
 */
export const createJob = async (
  anyId: string,
  document: JobDocument,
  history: JobHistory,
  handedOverAt: string | null,
  author: string,
): Promise<{ job: StoredJob; isNew: boolean } | null> =>
  models().sequelize.transaction(async (transaction) => {
    const id = anyId.toLowerCase();
    const isNew = await insertJob(id, document, history, handedOverAt, author, transaction);
    const job = await getJob(id, transaction);
    return job && { job, isNew };
  });

/** A job file to be brought in, and the id under which it lands where its own is taken. */
export interface Import {
  readonly file: JobFile;
  readonly copyId: string;
}

/**
 * Brings in a job file: under its own id, or as a copy where that is taken. The copy's id names the import: sent again,
 * it is the import that landed; several at once under one id all land, one as itself and the others as copies.
 */
export const importJob = async ({ file, copyId }: Import): Promise<{ job: StoredJob; isCopy: boolean } | null> => {
  const name = { kind: 'import', subject: '', saveId: copyId } as const;
  return models().sequelize.transaction(async (transaction) => {
    // Of two that are sent at once under one name, the second waits here until the first has landed.
    await models().sequelize.query('SELECT pg_advisory_xact_lock(hashtextextended(:name, 0))', {
      replacements: { name: `import ${copyId.toLowerCase()}` },
      transaction,
    });
    const earlier = await landed(name, transaction);
    const document = documentOf(file);
    const insert = (id: string, as: JobDocument) => insertJob(id, as, file, file.handedOverAt, 'import', transaction);
    const ids = { own: file.id.toLowerCase(), copy: copyId.toLowerCase() };
    const landsAt = async () => {
      if (await insert(ids.own, document)) return ids.own;
      await insert(ids.copy, renamed(document, copyName(document.facts)));
      return ids.copy;
    };
    const id = earlier?.result ?? (await landsAt());
    if (!earlier) await remember(name, id, transaction);
    const job = await getJob(id, transaction);
    return job && { job, isCopy: id !== ids.own };
  });
};

/** Changes of facts as a client sends them. */
export interface Save {
  readonly saveId: string;
  readonly baseRevision: number;
  readonly changes: readonly FactChange[];
  readonly author: string;
}

export type SaveResult = { readonly kind: 'saved' | 'stale'; readonly job: StoredJob } | { readonly kind: 'missing' };

/**
 * Saves changes of facts, made on a revision. On any other revision the save is refused and nothing changes;
 * the same save sent again is the save that landed. Every change is kept with its old value.
 */
export const saveJob = async (id: string, { saveId, baseRevision, changes, author }: Save): Promise<SaveResult> => {
  const { sequelize, JobRow, FactChangeRow } = models();
  return sequelize.transaction(async (transaction): Promise<SaveResult> => {
    const row = await JobRow.findOne({ where: { id, deletedAt: null }, lock: transaction.LOCK.UPDATE, transaction });
    const current = await getJob(id, transaction);
    if (!row || !current) return { kind: 'missing' };
    const name = { kind: 'job', subject: row.id, saveId } as const;
    if (await landed(name, transaction)) return { kind: 'saved', job: current };
    if (row.revision !== baseRevision) return { kind: 'stale', job: current };
    const before = current.document;
    const document = applyChanges(before, changes);
    const revision = row.revision + 1;
    const changedAt = new Date();
    await row.update(
      {
        document,
        ...searchable(document),
        fileVersion: document.fileVersion,
        revision,
        updatedBy: author,
      },
      { transaction },
    );
    await remember(name, String(revision), transaction);
    await FactChangeRow.bulkCreate(
      changes
        .map(({ path, value }) => ({
          path,
          before: factValue(before.facts, path),
          after: value,
          jobId: id,
          revision,
          author,
          changedAt,
        }))
        .filter((change) => !sameValue(change.before, change.after)),
      { transaction },
    );
    return { kind: 'saved', job: (await getJob(id, transaction))! };
  });
};

export type ShelfAction = 'archive' | 'restore' | 'delete' | 'undelete' | 'hand-over' | 'take-back';

/** Moves a job between bench, shelf and bin, or marks it handed over. Each can be undone by its opposite. */
export const moveJob = async (id: string, action: ShelfAction, author: string): Promise<boolean> => {
  const { JobRow } = models();
  const now = new Date();
  const change = {
    archive: { archivedAt: now },
    restore: { archivedAt: null },
    delete: { deletedAt: now },
    undelete: { deletedAt: null },
    'hand-over': { handedOverAt: now },
    'take-back': { handedOverAt: null },
  }[action];
  const where = action === 'undelete' ? { id } : { id, deletedAt: null };
  const [count] = await JobRow.update({ ...change, updatedBy: author }, { where });
  return count > 0;
};
