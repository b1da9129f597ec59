import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import { Worker } from 'node:worker_threads';
import { sampleFile } from '../../src/core/formats/sample-file';
import type { JobListPage } from '../../src/core/job-list/job-summary';
import { SAMPLES } from '../../src/core/samples';
import { inCrew } from '../../src/server/crew';
import { closeDatabase, database, ownerDatabase } from '../../src/server/database';
import { CREW, fillJobs, JOBS } from './jobs';
import { get, median, ms, say, send, sendAsText, share } from './measure';

/**
 * Many simultaneous viewers: a page of summaries that a new version made outdated, two hundred people on ten thousand
 * jobs, and the wait of others while someone sends the largest and worst accepted input.
 */
const PAGE = 50;

const outdatePage = () =>
  inCrew(CREW, () =>
    database().query(
      `UPDATE job_summaries SET core_version = 'older' WHERE job_id IN
         (SELECT id FROM jobs WHERE deleted_at IS NULL AND archived_at IS NULL ORDER BY updated_at DESC, id DESC
          LIMIT ${PAGE})`,
    ),
  );

const list = async (isRefresh: boolean): Promise<JobListPage> =>
  JSON.parse(await get(`/api/jobs${isRefresh ? '?refresh=yes' : ''}`)) as JobListPage;

/** From the first view until nothing on the page is outdated, and each viewer's first answer, ms. */
const look = async (viewers: number) => {
  await outdatePage();
  const from = performance.now();
  const firsts: number[] = [];
  await Promise.all(
    Array.from({ length: viewers }, async () => {
      for (let looks = 0; ; looks++) {
        const page = await list(looks > 0);
        if (looks === 0) firsts.push(performance.now() - from);
        if (!page.jobs.some(({ isOld }) => isOld)) return;
        // As a page does.
        await sleep(300 * (1 + looks));
      }
    }),
  );
  return { untilMs: performance.now() - from, firsts };
};

const viewers = async () => {
  await look(1);
  for (const count of [1, 20, 100]) {
    const { untilMs, firsts } = await look(count);
    say(
      `${PAGE} outdated jobs, ${count} who look`,
      `first answer ${ms(median(firsts))}, 95 % ${ms(share(firsts, 0.95))}`,
      `nothing old after ${ms(untilMs)}`,
    );
  }
};

const USERS = 200;
const FOR_MS = 20_000;
/** Think time of a person, ms. */
const THINKS_MS = 5000;

const users = async () => {
  const all: number[] = [];
  const until = performance.now() + FOR_MS;
  await Promise.all(
    Array.from({ length: USERS }, async (_, at) => {
      await sleep((at / USERS) * THINKS_MS);
      for (let asked = 0; performance.now() < until; asked++) {
        const from = performance.now();
        await get(asked % 3 === 2 ? `/api/jobs?search=customer%20${1 + ((at * 7 + asked) % 97)}` : '/api/jobs');
        all.push(performance.now() - from);
        await sleep(THINKS_MS);
      }
    }),
  );
  say(
    `${USERS} people on ${JOBS.toLocaleString('en-US')} jobs, one look in ${THINKS_MS / 1000} s each`,
    `median ${ms(median(all))}`,
    `95 % ${ms(share(all, 0.95))}`,
    `slowest ${ms(Math.max(...all))}`,
    `${(all.length / (FOR_MS / 1000)).toFixed(0)} a second`,
  );
};

/** Polls in a separate thread, so that this one's work does not count as waiting. */
const ASKER = `
  const { parentPort, workerData } = require('node:worker_threads');
  let slowest = 0;
  let isOver = false;
  parentPort.on('message', () => { isOver = true; });
  (async () => {
    while (!isOver) {
      const from = performance.now();
      await (await fetch(workerData)).text();
      slowest = Math.max(slowest, performance.now() - from);
      await new Promise((go) => setTimeout(go, 5));
    }
    parentPort.postMessage(slowest);
    parentPort.close();
  })();
`;

/** Longest block of the application's main thread since a time, ms. */
const heldUpMs = (since: number): number =>
  Math.max(
    ...readFileSync(process.env.HELD_UP_FILE!, 'utf8')
      .trim()
      .split('\n')
      .map((line) => line.split(' ').map(Number) as [number, number])
      .filter(([at]) => at >= since)
      .map(([, heldMs]) => heldMs),
  );

/** Response times of a trivial request while something else runs. */
const others = async (what: string, work: () => Promise<unknown>) => {
  const asker = new Worker(ASKER, { eval: true, workerData: `${process.env.BASE_URL}/api/health` });
  await sleep(500);
  const from = performance.now();
  const since = Date.now();
  await work();
  const tookMs = performance.now() - from;
  await sleep(500);
  const waited = new Promise<number>((tell) => asker.once('message', tell));
  asker.postMessage('done');
  say(
    what,
    `took ${ms(tookMs)}`,
    `the application was held up ${ms(heldUpMs(since))} at most`,
    `others waited ${ms(await waited)} on this machine`,
  );
};

const zeros = `[${new Array(950_000).fill(0).join(',')}]`;
const sendText = async (path: string, text: string) => (await sendAsText(path, text)).text();
const sample = sampleFile(SAMPLES[1]!);
const largest = () => ({
  ...sample,
  id: randomUUID(),
  readings: Array.from({ length: 9000 }, (_, at) => ({
    ...sample.readings[at % sample.readings.length]!,
    id: randomUUID(),
    replaces: null,
  })),
});

await fillJobs();
await ownerDatabase().query('VACUUM ANALYZE jobs, job_summaries');
await viewers();
await users();
await others('ten bodies of 1.9 MB of nothing', () =>
  Promise.all(Array.from({ length: 10 }, () => sendText(`/api/jobs/import?copyId=${randomUUID()}`, zeros))),
);
await others('a year of weather, ten times at once', () =>
  Promise.all(
    Array.from({ length: 10 }, async () => {
      const hoursF = Array.from({ length: 8760 }, () => 40.5);
      const year = { id: randomUUID(), name: 'x', filled: 0, hoursF, humidity: null };
      return (await send('/api/weather', 'POST', year)).text();
    }),
  ),
);
const files = Array.from({ length: 4 }, () => JSON.stringify(largest()));
const bring = (text: string) => sendText(`/api/jobs/import?copyId=${randomUUID()}`, text);
await others('a job file of 9,000 readings', () => bring(files[0]!));
await others('three job files of 9,000 readings at once', () => Promise.all(files.slice(1).map(bring)));
await closeDatabase();
