import { setTimeout as sleep } from 'node:timers/promises';
import type { JobOutline } from '../../core/board/job-summary';
import { type CrewScope, inCrew, outsideCrews } from '../crew';
import { beforeClosing, database, isDatabaseOpen, select } from '../database';
import { log } from '../log';
import { heldJob } from './jobs';
import { OUTDATED, summarise } from './summaries';

/** After a change, how long until core is asked for its answer, ms: changes that come one after another ask once. */
const SOON_MS = 250;

/** More outdated answers than these the board does not wait for: it shows each as it is worked out again. */
const MOST_OUTDATED = 20;

/** Works a job's answer out again, while nothing else is done to the job; null where there is no such job. */
export const resummarise = (scope: CrewScope, id: string): Promise<JobOutline | null> =>
  inCrew(scope, async () => {
    const job = await heldJob(id, 'NO_KEY_UPDATE');
    return job && summarise(job);
  });

/** Works out again what changes have outdated, so that the board sorts and filters by what is. */
export const resummariseOutdated = (scope: CrewScope): Promise<void> =>
  inCrew(scope, async () => {
    // In one order, so that two boards never wait for one another.
    const outdated = await select<{ id: string }>(
      'SELECT job_id AS id FROM job_summaries WHERE core_version = :outdated ORDER BY job_id LIMIT :most',
      { outdated: OUTDATED, most: MOST_OUTDATED },
    );
    for (const { id } of outdated) await resummarise(scope, id);
  });

/** Jobs whose answer is to be worked out. What is lost of it with the process, the board asks for when it reads. */
const waiting = new Map<string, { readonly scope: CrewScope; readonly id: string }>();
let isAtWork = false;
let current: Promise<unknown> = Promise.resolve();
beforeClosing(async () => {
  waiting.clear();
  await current;
});

/** Works out one answer after another, and rests as long as each took: who saves comes first. */
const workOff = async (): Promise<void> => {
  while (waiting.size > 0) {
    await sleep(SOON_MS, undefined, { ref: false });
    const now = [...waiting.values()];
    waiting.clear();
    for (const { scope, id } of now) {
      if (!isDatabaseOpen()) return;
      const fromMs = performance.now();
      current = resummarise(scope, id).catch((problem: unknown) => log.warn({ event: 'no outline yet', err: problem }));
      await current;
      await sleep(performance.now() - fromMs, undefined, { ref: false });
    }
  }
};

const goToWork = (): void => {
  isAtWork = true;
  outsideCrews(
    () =>
      void workOff().finally(() => {
        isAtWork = false;
        // What came in the moment in which it ended.
        if (waiting.size > 0 && isDatabaseOpen()) goToWork();
      }),
  );
};

/** Works a job's answer out again after a while, once for all that changes until then: nobody waits for it. */
const resummariseSoon = (scope: CrewScope, id: string): void => {
  waiting.set(`${scope.crewId} ${id}`, { scope, id });
  if (!isAtWork) goToWork();
};

/**
 * Says that a job's kept answer is old, in the transaction in which the job changes, and has it worked out again: that
 * waits for the transaction, and finds nothing new where it came to nothing.
 */
export const outdate = async (scope: CrewScope, jobId: string): Promise<void> => {
  await database().query('UPDATE job_summaries SET core_version = :outdated WHERE job_id = :jobId', {
    replacements: { jobId, outdated: OUTDATED },
  });
  resummariseSoon(scope, jobId);
};
