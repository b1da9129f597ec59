import { Op, Transaction } from 'sequelize';
import { DEFAULT_MOMENT, type Moment } from '../../core/control/moment';
import { toPutBack } from '../../core/diagnosis/recorded-items';
import { lastRecord } from '../../core/handover/last-record';
import type { HandoverRecord } from '../../core/handover/record';
import { isSignedAsShown } from '../../core/handover/record-differences';
import { lastVisit } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { keepHandover } from './handovers';
import { fileProblem, JobFull } from './job-full';
import { lockedJob } from './jobs';
import { summarize } from './summaries';

export type ArchiveAction = 'archive' | 'restore' | 'delete' | 'undelete';

/** Whether someone else saved a job since it was seen: the action was meant for that state. */
const savedByOthersSince = async (jobId: string, revision: number, author: string): Promise<boolean> =>
  (await models().FactChangeRow.count({
    where: { jobId, revision: { [Op.gt]: revision }, author: { [Op.ne]: author } },
  })) > 0;

/**
 * Moves a job between active, archive and trash. Each can be undone.
 * @param revision as seen; a job that someone else saved since is not moved
 */
export const moveJob = (
  scope: CrewScope,
  id: string,
  action: ArchiveAction,
  author: string,
  revision?: number,
): Promise<'done' | 'already' | 'missing' | 'stale'> =>
  inCrew(scope, async () => {
    if (revision !== undefined && (await savedByOthersSince(id, revision, author))) return 'stale';
    const now = new Date();
    const change = {
      archive: { archivedAt: now },
      restore: { archivedAt: null },
      delete: { deletedAt: now },
      undelete: { deletedAt: null },
    }[action];
    const where = action === 'undelete' ? { id } : { id, deletedAt: null };
    const row = await models().JobRow.findOne({ where, lock: Transaction.LOCK.UPDATE });
    if (!row) return 'missing';
    const { archivedAt, deletedAt } = row;
    const isAlready = { archive: archivedAt, restore: !archivedAt, delete: deletedAt, undelete: !deletedAt }[action];
    if (isAlready) return 'already';
    await models().JobRow.update({ ...change, updatedBy: author }, { where });
    return 'done';
  });

/** A handover: by whom, for which weather, and the revision that was seen. */
export interface HandingOver {
  readonly author: string;
  readonly outdoorF?: number | undefined;
  readonly indoorF?: number | undefined;
  readonly revision?: number | undefined;
  /** The record as shown to the signer: the stored one must match, or nothing is handed over. */
  readonly printed?: HandoverRecord | undefined;
  /** Whether it must have been shown, as for someone who signs on a page. */
  readonly mustBeShown?: boolean;
}

/** `already`: it was handed over before, and is unchanged. */
export type HandOverResult = 'done' | 'already' | 'missing' | 'stale' | 'makeshift' | 'stopped' | 'unseen';

const momentOf = ({ outdoorF, indoorF }: HandingOver): Moment => ({
  ...DEFAULT_MOMENT,
  ...(outdoorF === undefined ? {} : { outdoorF }),
  ...(indoorF === undefined ? {} : { indoorF }),
});

/**
 * Hands a job over: stores its record as printed now, and ends its visit. If someone changed the job since it was seen,
 * it is not handed over, because the signer saw something else. A job that is already handed over is unchanged.
 */
export const handOver = (scope: CrewScope, id: string, handing: HandingOver): Promise<HandOverResult> =>
  inCrew(scope, async (): Promise<HandOverResult> => {
    const { author, revision, printed } = handing;
    const job = await lockedJob(id, 'UPDATE');
    if (!job) return 'missing';
    if (job.handedOverAt !== null) return 'already';
    if (revision !== undefined && revision !== job.revision) return 'stale';
    if (toPutBack(job.readings).length > 0) return 'makeshift';
    const record = lastRecord(job, momentOf(handing));
    if (record.stops && record.shutOff === undefined) return 'stopped';
    if (handing.mustBeShown && !printed) return 'unseen';
    const full = await fileProblem(scope, job, 1);
    if (full !== null) throw new JobFull(full);
    if (printed && !isSignedAsShown(printed, record)) return 'stale';
    const now = new Date();
    await keepHandover(job.id, record, author, now);
    const { JobRow, VisitRow } = models();
    await JobRow.update({ handedOverAt: now, updatedBy: author }, { where: { id } });
    const visit = lastVisit(job.visits);
    if (visit && visit.ended === null && Date.parse(visit.began) <= now.getTime())
      await VisitRow.update({ endedAt: now }, { where: { jobId: id, id: visit.id } });
    await summarize({ ...job, handedOverAt: now.toISOString() });
    return 'done';
  });

/** Undoes a handover: the job is active and its visit continues. The stored record stays. */
export const undoHandover = (scope: CrewScope, id: string, author: string): Promise<'done' | 'already' | 'missing'> =>
  inCrew(scope, async () => {
    const job = await lockedJob(id, 'UPDATE');
    if (!job) return 'missing';
    if (job.handedOverAt === null) return 'already';
    const { JobRow, VisitRow } = models();
    await JobRow.update({ handedOverAt: null, updatedBy: author }, { where: { id } });
    const visit = lastVisit(job.visits);
    if (visit && visit.ended !== null && visit.ended === job.handedOverAt)
      await VisitRow.update({ endedAt: null }, { where: { jobId: id, id: visit.id } });
    await summarize({ ...job, handedOverAt: null });
    return 'done';
  });
