import { DEFAULT_MOMENT } from '../../core/control/moment';
import { toPutBack } from '../../core/diagnosis/kept';
import { lastVisit } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { keepHandover } from './handovers';
import { heldJob } from './jobs';
import { summarise } from './summaries';

export type ShelfAction = 'archive' | 'restore' | 'delete' | 'undelete';

/** Moves a job between bench, shelf and bin. Each can be undone by its opposite. */
export const moveJob = (scope: CrewScope, id: string, action: ShelfAction, author: string): Promise<boolean> =>
  inCrew(scope, async () => {
    const now = new Date();
    const change = {
      archive: { archivedAt: now },
      restore: { archivedAt: null },
      delete: { deletedAt: now },
      undelete: { deletedAt: null },
    }[action];
    const where = action === 'undelete' ? { id } : { id, deletedAt: null };
    const [count] = await models().JobRow.update({ ...change, updatedBy: author }, { where });
    return count > 0;
  });

/** What is handed over: by whom, for which weather, and the revision that somebody looked at. */
export interface HandingOver {
  readonly author: string;
  readonly outdoorF?: number | undefined;
  readonly indoorF?: number | undefined;
  readonly revision?: number | undefined;
}

export type HandOverResult = 'done' | 'missing' | 'stale' | 'makeshift';

/**
 * Hands a job over: its record is kept as it is printed now, and its visit ends. A job that somebody changed since it
 * was looked at is not: what would be signed is not what was seen. Handed over already, it stays as it was.
 */
export const handOver = (
  scope: CrewScope,
  id: string,
  { author, outdoorF, indoorF, revision }: HandingOver,
): Promise<HandOverResult> =>
  inCrew(scope, async (): Promise<HandOverResult> => {
    const job = await heldJob(id, 'UPDATE');
    if (!job) return 'missing';
    if (job.handedOverAt !== null) return 'done';
    if (revision !== undefined && revision !== job.revision) return 'stale';
    if (toPutBack(job.readings).length > 0) return 'makeshift';
    const now = new Date();
    const moment = {
      ...DEFAULT_MOMENT,
      ...(outdoorF === undefined ? {} : { outdoorF }),
      ...(indoorF === undefined ? {} : { indoorF }),
    };
    await keepHandover(job, moment, author, now);
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
