import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { SAMPLES } from '../../src/core/samples';
import { inCrew } from '../../src/server/crew';
import { closeDatabase, database, ownerDatabase } from '../../src/server/database';
import { CREW, fillJobs } from './jobs';
import { cpuMs, get, median, ms, say, sayMemory, send, share, timed } from './measure';

/**
 * The server with ten thousand jobs: response times compared with the bare query, their cost, saves with a synchronous
 * disk, and memory over many requests.
 */
const ROUNDS = 300;
const MANY = Number(process.env.BENCH_REQUESTS ?? 5000);

/** The bare query of the job list, in a crew's transaction, on this connection. */
const bare = (search: string) => () =>
  inCrew(CREW, () =>
    database().query(
      `SELECT j.id, j.name, j.customer, j.street, j.town, j.updated_at, s.summary
       FROM (SELECT id FROM jobs WHERE deleted_at IS NULL AND archived_at IS NULL ${search}
             ORDER BY updated_at DESC, id DESC LIMIT 51) page
       JOIN jobs j ON j.id = page.id LEFT JOIN job_summaries s ON s.job_id = j.id
       ORDER BY j.updated_at DESC, j.id DESC`,
      { type: QueryTypes.SELECT },
    ),
  );

const compare = async (what: string, path: string, search: string) => {
  const ask = () => get(path);
  await timed(30, ask);
  await timed(30, bare(search));
  const sql = median(await timed(ROUNDS, bare(search)));
  const before = cpuMs();
  const http = median(await timed(ROUNDS, ask));
  const cpu = (cpuMs() - before) / ROUNDS;
  const size = Buffer.byteLength(await ask()) / 1000;
  say(
    what,
    `bare SQL ${ms(sql)}`,
    `answer ${ms(http)} (${(http / sql).toFixed(2)} times)`,
    `CPU of the app ${ms(cpu)}`,
    `${size.toFixed(0)} kB`,
  );
};

const saves = async () => {
  const id = randomUUID();
  await send('/api/jobs', 'POST', { id, from: 'sample', source: SAMPLES[1]!.id, name: 'bench' });
  let revision = 1;
  const save = async () => {
    const body = {
      saveId: randomUUID(),
      baseRevision: revision,
      changes: [{ path: 'house.designBtuh', value: 30_000 + revision }],
      author: 'bench',
    };
    revision = ((await (await send(`/api/jobs/${id}`, 'PATCH', body)).json()) as { revision: number }).revision;
  };
  const read = async () => {
    const [reading] = SAMPLES[1]!.readings;
    await (await send(`/api/jobs/${id}/readings`, 'POST', { readings: [{ ...reading, id: randomUUID() }] })).text();
  };
  await timed(30, save);
  for (const [what, work] of [
    ['save of a fact, fsync on', save],
    ['save of a reading, fsync on', read],
  ] as const) {
    const before = cpuMs();
    const all = await timed(200, work);
    say(what, `median ${ms(median(all))}`, `95 % ${ms(share(all, 0.95))}`, `CPU ${ms((cpuMs() - before) / 200)}`);
  }
};

await fillJobs();
await ownerDatabase().query('VACUUM ANALYZE jobs, job_summaries');
const alive = () => get('/api/health');
await timed(50, alive);
const idleMs = cpuMs();
await timed(ROUNDS, alive);
say('an answer that asks nothing', `CPU of the app ${ms((cpuMs() - idleMs) / ROUNDS)}`);
await compare('/api/jobs, 10,000 jobs', '/api/jobs', '');
await compare('board page', '/', '');
await compare('search, 50 of 1,250', '/api/jobs?search=quarry', `AND search_text LIKE '%quarry%'`);
await compare(
  'search that finds one',
  '/api/jobs?search=customer%204242',
  `AND search_text LIKE '%customer%' AND search_text LIKE '%4242%'`,
);
await compare('search that finds nothing', '/api/jobs?search=nowhere', `AND search_text LIKE '%nowhere%'`);
await saves();
await sayMemory(MANY, '/api/jobs?search=quarry');
await closeDatabase();
