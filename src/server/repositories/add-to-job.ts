import { noLaterThan, type Timed } from '../../core/job/in-time';
import type { JobHistory } from '../../core/job/stored-job';
import type { Visit } from '../../core/job/visit';
import { placeOnVisits } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { addHistory } from './history';
import { fileProblem, JobFull } from './job-full';
import { lockedJob } from './jobs';
import { markOutdated } from './recalculate-soon';

/** Append-only rows, by the job's list. */
export type Kept = 'readings' | 'settingMarks';

/** What a device sends. */
export interface Incoming<K extends Kept> {
  readonly rows: JobHistory[K];
  /** Visits as the device began them. */
  readonly visits: readonly Visit[];
  /** Device clock when sending, ISO 8601; null: not sent. */
  readonly sentAt: string | null;
  /** Fills in the author of a row, given what the job already has. */
  readonly signed: (
    row: JobHistory[K][number],
    known: ReadonlyMap<string, JobHistory[K][number]>,
  ) => JobHistory[K][number];
}

/** Stored rows, with the job's visits. */
export interface Landed<K extends Kept> {
  readonly rows: JobHistory[K];
  readonly visits: readonly Visit[];
  /** Number of rows that arrived after the job's record was signed and are not part of it. */
  readonly afterHandover: number;
}

/**
 * Clock error of the device, as far as one message shows; transit time is ignored. Nothing was entered after its
 * arrival, whatever the clock says.
 */
const withOffset = <T extends Timed>(row: T, sentAt: string | null, receivedMs: number): T =>
  noLaterThan(
    row.origin === null || sentAt === null
      ? row
      : { ...row, origin: { ...row.origin, clockOffsetMs: receivedMs - Date.parse(sentAt) } },
    receivedMs,
  );

/**
 * Adds readings or marks to a job, each to its visit. Rows are append-only; one sent twice is stored once and returned
 * as stored.
 * @returns null where there is no such job
 * @throws JobFull where the job could no longer be exported
 */
export const addToJob = <K extends Kept>(
  scope: CrewScope,
  jobId: string,
  kept: K,
  { rows, visits, sentAt, signed }: Incoming<K>,
): Promise<Landed<K> | null> => {
  const receivedMs = Date.now();
  return inCrew(scope, async () => {
    // One at a time per job, so that the second sees the first.
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
