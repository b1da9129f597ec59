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

/** Whether someone else saved a job since a person saw it: what he meant to do was meant for another one. */
const savedByOthersSince = async (jobId: string, revision: number, author: string): Promise<boolean> =>
  (await models().FactChangeRow.count({
    where: { jobId, revision: { [Op.gt]: revision }, author: { [Op.ne]: author } },
  })) > 0;

/**
 * Moves a job between bench, shelf and bin. Each can be undone by its opposite.
 * @param revision what was seen, where it was seen long ago: a job that someone else saved since then is not moved
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

/** What is handed over: by whom, for which weather, and the revision that someone looked at. */
export interface HandingOver {
  readonly author: string;
  readonly outdoorF?: number | undefined;
  readonly indoorF?: number | undefined;
  readonly revision?: number | undefined;
  /** The record as it was shown to who signs: what is kept says the same, or nothing is handed over. */
  readonly printed?: HandoverRecord | undefined;
  /** Whether it must have been shown, as to whoever signs on a page. */
  readonly mustBeShown?: boolean;
}

/** `already`: it was handed over before, and stays as it was. */
export type HandOverResult = 'done' | 'already' | 'missing' | 'stale' | 'makeshift' | 'stopped' | 'unseen';

const momentOf = ({ outdoorF, indoorF }: HandingOver): Moment => ({
  ...DEFAULT_MOMENT,
  ...(outdoorF === undefined ? {} : { outdoorF }),
  ...(indoorF === undefined ? {} : { indoorF }),
});

/**
 * Hands a job over: its record is kept as it is printed now, and its visit ends. A job that someone changed since it
 * was looked at is not: what would be signed is not what was seen. Handed over already, it stays as it was.
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

/** Takes a job back to the bench after it was handed over: its visit goes on. The record that was kept stays kept. */
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
