import { Op } from 'sequelize';
import { DEFAULT_MOMENT, type Moment } from '../../core/control/moment';
import { toPutBack } from '../../core/diagnosis/kept';
import type { HandoverRecord } from '../../core/handover/record';
import { recordDifferences } from '../../core/handover/record-differences';
import { lastVisit } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { keepHandover, recordOf } from './handovers';
import { heldJob } from './jobs';
import { summarise } from './summaries';

export type ShelfAction = 'archive' | 'restore' | 'delete' | 'undelete';

/** Whether somebody else saved a job since a person saw it: what he meant to do was meant for another one. */
const savedByOthersSince = async (jobId: string, revision: number, author: string): Promise<boolean> =>
  (await models().FactChangeRow.count({
    where: { jobId, revision: { [Op.gt]: revision }, author: { [Op.ne]: author } },
  })) > 0;

/**
 * Moves a job between bench, shelf and bin. Each can be undone by its opposite.
 * @param revision what was seen, where it was seen long ago: a job that somebody else saved since then is not moved
 */
export const moveJob = (
  scope: CrewScope,
  id: string,
  action: ShelfAction,
  author: string,
  revision?: number,
): Promise<'done' | 'missing' | 'stale'> =>
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
    const [count] = await models().JobRow.update({ ...change, updatedBy: author }, { where });
    return count > 0 ? 'done' : 'missing';
  });

/** What is handed over: by whom, for which weather, and the revision that somebody looked at. */
export interface HandingOver {
  readonly author: string;
  readonly outdoorF?: number | undefined;
  readonly indoorF?: number | undefined;
  readonly revision?: number | undefined;
  /** The record as it was printed without signal: what is kept says the same, or nothing is handed over. */
  readonly printed?: HandoverRecord | undefined;
}

export type HandOverResult = 'done' | 'missing' | 'stale' | 'makeshift' | 'stopped';

const momentOf = ({ outdoorF, indoorF }: HandingOver): Moment => ({
  ...DEFAULT_MOMENT,
  ...(outdoorF === undefined ? {} : { outdoorF }),
  ...(indoorF === undefined ? {} : { indoorF }),
});

/**
 * Hands a job over: its record is kept as it is printed now, and its visit ends. A job that somebody changed since it
 * was looked at is not: what would be signed is not what was seen. Handed over already, it stays as it was.
 */
export const handOver = (scope: CrewScope, id: string, handing: HandingOver): Promise<HandOverResult> =>
  inCrew(scope, async (): Promise<HandOverResult> => {
    const { author, revision, printed } = handing;
    const job = await heldJob(id, 'UPDATE');
    if (!job) return 'missing';
    if (job.handedOverAt !== null) return 'done';
    if (revision !== undefined && revision !== job.revision) return 'stale';
    if (toPutBack(job.readings).length > 0) return 'makeshift';
    const record = recordOf(job, momentOf(handing));
    if (record.stops && record.shutOff === undefined) return 'stopped';
    if (printed && recordDifferences(printed, record).length > 0) return 'stale';
    const now = new Date();
    await keepHandover(job.id, record, author, now);
    const { JobRow, VisitRow } = models();
    await JobRow.update({ handedOverAt: now, updatedBy: author }, { where: { id } });
    const visit = lastVisit(job.visits);
    if (visit && visit.ended === null && Date.parse(visit.began) <= now.getTime())
      await VisitRow.update({ endedAt: now }, { where: { jobId: id, id: visit.id } });
    await summarise({ ...job, handedOverAt: now.toISOString() });
    return 'done';
  });

/** Takes a job back to the bench after it was handed over: its visit goes on. The record that was kept stays kept. */
export const takeBack = (scope: CrewScope, id: string, author: string): Promise<boolean> =>
  inCrew(scope, async () => {
    const job = await heldJob(id, 'UPDATE');
    if (!job) return false;
    const { JobRow, VisitRow } = models();
    await JobRow.update({ handedOverAt: null, updatedBy: author }, { where: { id } });
    const visit = lastVisit(job.visits);
    if (visit && visit.ended !== null && visit.ended === job.handedOverAt)
      await VisitRow.update({ endedAt: null }, { where: { jobId: id, id: visit.id } });
    await summarise({ ...job, handedOverAt: null });
    return true;
  });
