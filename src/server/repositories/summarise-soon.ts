import { dequal as isEqual } from 'dequal/lite';
import type { JobOutline } from '../../core/job-list/job-summary';
import { coreVersion } from '../core-version';
import { type CrewScope, inCrew, outsideCrews } from '../crew';
import { beforeClosing, database, isDatabaseOpen, select } from '../database';
import { log } from '../log';
import { getJob, lockedJob } from './jobs';
import { OUTDATED, outlineOf, saveOutline } from './summaries';

/** After a change, how long until core is asked for its answer, ms: changes that come one after another ask once. */
const SOON_MS = 250;
/** A job that changes each time while its answer is calculated is left for later after this many times. */
const MOST_TIMES = 3;

const keptOutline = async (id: string): Promise<JobOutline | null> => {
  const [kept] = await select<{ summary: JobOutline; version: string }>(
    'SELECT summary, core_version AS version FROM job_summaries WHERE job_id = :id',
    { id },
  );
  return kept?.version === coreVersion() ? kept.summary : null;
};

/**
 * Works a job's answer out again, once for all copies of the application: one that waited for another looks again, and
 * finds it done. Nothing of the job is held meanwhile; where it has changed by then, it is calculated once more.
 * @returns null where there is no such job, or it changes faster than this
 */
const resummarise = (scope: CrewScope, id: string): Promise<JobOutline | null> =>
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

/** Jobs whose answer is to be calculated. What is lost of it with the process, the job list asks for when it reads. */
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

/** Calculates one answer after another. */
const workOff = async (): Promise<void> => {
  for (let [next] = waiting; next; [next] = waiting) {
    const [key, { scope, id, settle }] = next;
    waiting.delete(key);
    if (!isDatabaseOpen()) {
      settle(null);
      return letGo();
    }
    current = resummarise(scope, id)
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
        // What came in the moment in which it ended.
        if (waiting.size > 0) goToWork();
      }),
  );
};

const keyOf = ({ crewId }: CrewScope, id: string): string => `${crewId} ${id}`;

/** Has a job's answer calculated again, once for all who ask while it waits. */
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

/** Jobs of a crew whose answers a change has made old. */
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
 * Says that a job's kept answer is old, in the transaction in which the job changes, and has it calculated again after
 * a while, once for all that changes until then: no one waits for it.
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
