import { noLaterThan, type Timed } from '../../core/job/in-time';
import type { JobHistory } from '../../core/job/stored-job';
import type { Visit } from '../../core/job/visit';
import { placeOnVisits } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { addHistory } from './history';
import { fileProblem, JobFull } from './job-full';
import { lockedJob } from './jobs';
import { markOutdated } from './summarise-soon';

/** What is only ever added: where a job keeps it. */
export type Kept = 'readings' | 'settingMarks';

/** What a device sends. */
export interface Incoming<K extends Kept> {
  readonly rows: JobHistory[K];
  /** Visits as the device began them. */
  readonly visits: readonly Visit[];
  /** The device's clock when it sent this, ISO 8601; null: it did not say. */
  readonly sentAt: string | null;
  /** Puts under a row who it is by, given what the job knows already. */
  readonly signed: (
    row: JobHistory[K][number],
    known: ReadonlyMap<string, JobHistory[K][number]>,
  ) => JobHistory[K][number];
}

/** What of it landed, as it is kept, and the job's visits with it. */
export interface Landed<K extends Kept> {
  readonly rows: JobHistory[K];
  readonly visits: readonly Visit[];
  /** How many came in after the job's record was signed, and are no part of it. */
  readonly afterHandover: number;
}

/**
 * How far the device's clock is off, as far as one message tells it: the way here counts as nothing. Nothing was
 * entered later than it came in, whatever that clock says.
 */
const withOffset = <T extends Timed>(row: T, sentAt: string | null, receivedMs: number): T =>
  noLaterThan(
    row.origin === null || sentAt === null
      ? row
      : { ...row, origin: { ...row.origin, clockOffsetMs: receivedMs - Date.parse(sentAt) } },
    receivedMs,
  );

/**
 * Adds readings or marks to a job, each to its visit. Rows are only ever added; one that is sent twice lands once, and
 * is told as it landed.
 * @returns null where there is no such job
 * @throws JobFull where the job would not go out as a file any more
 */
export const addToJob = <K extends Kept>(
  scope: CrewScope,
  jobId: string,
  kept: K,
  { rows, visits, sentAt, signed }: Incoming<K>,
): Promise<Landed<K> | null> => {
  const receivedMs = Date.now();
  return inCrew(scope, async () => {
    // One at a time for one job, so that what comes second sees what came first.
    const job = await lockedJob(jobId, 'NO_KEY_UPDATE');
    if (!job) return null;
    type Row = JobHistory[K][number];
    const known = new Map<string, Row>((job[kept] as readonly Row[]).map((row) => [row.id, row]));
    const fresh = (rows as readonly Row[])
      .filter(({ id }, at, all) => !known.has(id) && all.findIndex((each) => each.id === id) === at)
      .map((row) => withOffset(signed(row, known), sentAt, receivedMs));
    const { done, begun } = placeOnVisits(job, visits, fresh);
    const grown = { ...job, visits: [...job.visits, ...begun], [kept]: [...job[kept], ...done] };
    const problem = done.length === 0 ? null : await fileProblem(scope, grown);
    if (problem !== null) throw new JobFull(problem);
    await addHistory(jobId, { visits: begun, [kept]: done });
    await markOutdated(scope, job.id);
    const all = new Map<string, Row>([...known, ...done.map((row): [string, Row] => [row.id, row])]);
    return {
      rows: rows.map(({ id }) => all.get(id)!) as unknown as JobHistory[K],
      visits: [...job.visits, ...begun],
      afterHandover: job.handedOverAt === null ? 0 : done.length,
    };
  });
};
