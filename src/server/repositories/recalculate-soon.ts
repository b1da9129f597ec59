import { dequal as isEqual } from 'dequal/lite';
import type { JobOutline } from '../../core/job-list/job-summary';
import { coreVersion } from '../core-version';
import { type CrewScope, inCrew, outsideCrews } from '../crew';
import { beforeClosing, database, isDatabaseOpen, select } from '../database';
import { log } from '../log';
import { getJob, lockedJob } from './jobs';
import { OUTDATED, outlineOf, saveOutline } from './summaries';

/** Delay between a change and recalculation, ms: changes in a row trigger one. */
const SOON_MS = 250;
/** Maximum retries for a job that changes during calculation; then it is left for later. */
const MOST_TIMES = 3;

const keptOutline = async (id: string): Promise<JobOutline | null> => {
  const [kept] = await select<{ summary: JobOutline; version: string }>(
    'SELECT summary, core_version AS version FROM job_summaries WHERE job_id = :id',
    { id },
  );
  return kept?.version === coreVersion() ? kept.summary : null;
};

/**
 * Recalculates a job's summary, once for all instances of the application: a waiting one checks again and finds it
 * done. The job is not locked; if it changed meanwhile, it is recalculated.
 * @returns null where there is no such job, or it changes faster than this
 */
const recalculate = (scope: CrewScope, id: string): Promise<JobOutline | null> =>
  inCrew(scope, async () => {
    await select('SELECT pg_advisory_xact_lock(hashtextextended(:key, 0))', { key: `outline ${scope.crewId} ${id}` });
    const done = await keptOutline(id);
    if (done) return done;
    for (let time = 0; time < MOST_TIMES; time++) {
      const job = await getJob(scope, id);
      if (!job) return null;
      const outline = await outlineOf(job);
      if (!isEqual(await lockedJob(id, 'NO_KEY_UPDATE'), job)) continue;
      await saveOutline(id, outline);
      return outline;
    }
    return null;
  });

interface Waiting {
  readonly scope: CrewScope;
  readonly id: string;
  readonly done: Promise<JobOutline | null>;
  readonly settle: (outline: JobOutline | null) => void;
}

/** Jobs to recalculate. If lost with the process, the job list triggers them again. */
const waiting = new Map<string, Waiting>();
const soon = new Map<string, ReturnType<typeof setTimeout>>();
let isAtWork = false;
let current: Promise<unknown> = Promise.resolve();
const letGo = (): void => {
  for (const { settle } of waiting.values()) settle(null);
  waiting.clear();
};
beforeClosing(async () => {
  for (const timer of soon.values()) clearTimeout(timer);
  soon.clear();
  letGo();
  await current;
});

/** Calculates one summary after another. */
const workOff = async (): Promise<void> => {
  for (let [next] = waiting; next; [next] = waiting) {
    const [key, { scope, id, settle }] = next;
    waiting.delete(key);
    if (!isDatabaseOpen()) {
      settle(null);
      return letGo();
    }
    current = recalculate(scope, id)
      .catch((problem: unknown) => {
        log.warn({ event: 'no outline yet', err: problem });
        return null;
      })
      .then(settle);
    await current;
  }
};

const goToWork = (): void => {
  isAtWork = true;
  outsideCrews(
    () =>
      void workOff().finally(() => {
        isAtWork = false;
        // Jobs added as it ended.
        if (waiting.size > 0) goToWork();
      }),
  );
};

const keyOf = ({ crewId }: CrewScope, id: string): string => `${crewId} ${id}`;

/** Recalculates a job's summary, once for all who request it meanwhile. */
export const recalculateNow = (scope: CrewScope, id: string): Promise<JobOutline | null> => {
  const key = keyOf(scope, id);
  const known = waiting.get(key);
  if (known) return known.done;
  let settle: Waiting['settle'] = () => undefined;
  const done = new Promise<JobOutline | null>((told) => {
    settle = told;
  });
  waiting.set(key, { scope, id, done, settle });
  if (!isAtWork) goToWork();
  return done;
};

/** Jobs of a crew with outdated summaries. */
export const outdatedJobs = async (scope: CrewScope, most: number): Promise<string[]> =>
  inCrew(scope, async () =>
    (
      await select<{ id: string }>(
        'SELECT job_id AS id FROM job_summaries WHERE core_version = :outdated ORDER BY job_id LIMIT :most',
        { outdated: OUTDATED, most },
      )
    ).map(({ id }) => id),
  );

/**
 * Marks a job's summary as outdated, in the transaction of its change, and schedules recalculation, once for all
 * changes until then. No one waits for it.
 */
export const markOutdated = async (scope: CrewScope, jobId: string): Promise<void> => {
  await database().query('UPDATE job_summaries SET core_version = :outdated WHERE job_id = :jobId', {
    replacements: { jobId, outdated: OUTDATED },
  });
  const key = keyOf(scope, jobId);
  clearTimeout(soon.get(key));
  const timer = setTimeout(() => {
    soon.delete(key);
    if (isDatabaseOpen()) void recalculateNow(scope, jobId);
  }, SOON_MS);
  timer.unref();
  soon.set(key, timer);
};
