import { applyChanges, type FactChange, factValue, sameValue } from '../../core/job/document';
import type { StoredJob } from '../../core/job/stored-job';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { lockedJob, searchable, toStored } from './jobs';
import { markOutdated } from './recalculate-soon';
import { rememberSave, savedBefore } from './saves';

/** Fact changes from a client. */
export interface Save {
  readonly saveId: string;
  readonly baseRevision: number;
  readonly changes: readonly FactChange[];
  readonly author: string;
}

export type SaveResult = { readonly kind: 'saved' | 'stale'; readonly job: StoredJob } | { readonly kind: 'missing' };

/** Stores what a save changed, value by value. */
const keepChanges = async (
  { id, revision, document: { facts } }: StoredJob,
  changes: readonly FactChange[],
  author: string,
): Promise<void> => {
  const changedAt = new Date();
  await models().FactChangeRow.bulkCreate(
    changes
      .map(({ path, value }) => ({ path, before: factValue(facts, path), after: value }))
      .filter(({ before, after }) => !sameValue(before, after))
      .map((change) => ({ ...change, jobId: id, revision: revision + 1, author, changedAt })),
  );
};

/**
 * Saves fact changes based on a revision. On any other revision the save is refused and nothing changes; the same save
 * sent again is the stored one. Every change keeps its old value.
 */
export const saveJob = (
  scope: CrewScope,
  id: string,
  { saveId, baseRevision, changes, author }: Save,
): Promise<SaveResult> =>
  inCrew(scope, async (): Promise<SaveResult> => {
    const current = await lockedJob(id, 'UPDATE');
    if (!current) return { kind: 'missing' };
    const name = { kind: 'job', subject: current.id, saveId } as const;
    if (await savedBefore(name)) return { kind: 'saved', job: current };
    if (current.revision !== baseRevision) return { kind: 'stale', job: current };
    const document = applyChanges(current.document, changes);
    const revision = current.revision + 1;
    const [, [row]] = await models().JobRow.update(
      { document, ...searchable(document), fileVersion: document.fileVersion, revision, updatedBy: author },
      { where: { id }, returning: true },
    );
    await rememberSave(name, String(revision));
    await keepChanges(current, changes, author);
    await markOutdated(scope, current.id);
    return { kind: 'saved', job: toStored(row!, current) };
  });
