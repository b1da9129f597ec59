import type { Visit } from '../../core/job/visit';
import { visitNoLaterThan } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { fileProblem, JobFull } from './job-full';
import { getJob, lockedJob } from './jobs';
import { markOutdated } from './recalculate-soon';
import { toVisitRow } from './visit-rows';

/**
 * Begins a visit, or changes its reason or end. Sent twice, it is stored once.
 * @returns the job's visits; null where there is no such job
 */
export const putVisit = (scope: CrewScope, jobId: string, sent: Visit): Promise<readonly Visit[] | null> =>
  inCrew(scope, async () => {
    const job = await lockedJob(jobId, 'NO_KEY_UPDATE');
    if (!job) return null;
    const problem = await fileProblem(scope, { ...job, visits: [...job.visits, sent] });
    if (problem !== null) throw new JobFull(problem);
    const { VisitRow } = models();
    const visit = visitNoLaterThan(sent, Date.now());
    const [row, isNew] = await VisitRow.findOrCreate({
      where: { jobId, id: visit.id },
      defaults: toVisitRow(jobId, visit),
    });
    const { reason, endedAt } = toVisitRow(jobId, visit);
    // Another clock may give an end before the start: then it ended at its start.
    const until = endedAt && new Date(Math.max(endedAt.getTime(), row.beganAt.getTime()));
    if (!isNew) await VisitRow.update({ reason, endedAt: until }, { where: { jobId, id: visit.id } });
    await markOutdated(scope, jobId);
    return (await getJob(scope, jobId))!.visits;
  });
