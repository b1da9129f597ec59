import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { documentOf } from '../../src/core/formats/job-file';
import { sampleFile } from '../../src/core/formats/sample-file';
import { jobOutline } from '../../src/core/job-list/job-outline';
import { SAMPLES } from '../../src/core/samples';
import { SESSION_COOKIE } from '../../src/server/access/session-cookie';
import { coreVersion } from '../../src/server/core-version';
import { type CrewScope, FIRST_CREW, inCrew, scopeOf } from '../../src/server/crew';
import { closeDatabase, database, ownerDatabase, select } from '../../src/server/database';
import { makeCrew } from '../../src/server/make-crew';
import { nameCrew } from '../../src/server/repositories/crews';
import { addPerson } from '../../src/server/repositories/people';
import { beginSession } from '../../src/server/repositories/sessions';
import { cpuMs, get, median, ms, say, sayMemory, send, share, timed } from './measure';

/**
 * The server with a thousand crews of fifty jobs and one of ten thousand, forty readings each, with a synchronous disk:
 * job list and search of both kinds, the cost of row security, and two hundred simultaneous saves.
 */
const CREWS = Number(process.env.BENCH_CREWS ?? 1000);
const SMALL = 50;
const LARGE = Number(process.env.BENCH_JOBS ?? 10_000);
const READINGS = 40;
const ROUNDS = 200;
const CLIENTS = 200;
const SAVES_EACH = 5;
const MANY = Number(process.env.BENCH_REQUESTS ?? 5000);

const file = sampleFile(SAMPLES[1]!);
const document = documentOf(file);
const outline = jobOutline({ ...file, document });
const WORDS = '{quarry,juniper,cinder,spur,flume,bench,creek,mesa}';

/** Gives a crew this many jobs with readings. */
const fill = (scope: CrewScope, jobs: number) =>
  inCrew(scope, async () => {
    const rows = await select<{ id: string }>(
      `INSERT INTO jobs (id, revision, file_version, document, name, customer, street, town, created_at, updated_at)
       SELECT gen_random_uuid(), 1, 2, :document::jsonb,
              'Job ' || n || ' ' || (:words::text[])[1 + n % 8], 'Customer ' || n * 7919 % 10007,
              n % 900 || ' ' || (:words::text[])[1 + n * 31 % 8] || ' Road', 'Sorrel Basin',
              now(), now() - n * interval '7 minutes'
       FROM generate_series(1, ${jobs}) n RETURNING id`,
      { document: JSON.stringify(document), words: WORDS },
    );
    for (let from = 0; from < rows.length; from += 1000) {
      const ids = `{${rows
        .slice(from, from + 1000)
        .map(({ id }) => id)
        .join(',')}}`;
      await database().query(
        `INSERT INTO job_summaries (job_id, core_version, summary)
         SELECT id, :version, :outline::jsonb FROM unnest(:ids::uuid[]) id`,
        { replacements: { ids, version: coreVersion(), outline: JSON.stringify(outline) } },
      );
      await database().query(
        `INSERT INTO visits (job_id, id, reason, began_at, author) SELECT id, id, 'new', now(), 'bench'
         FROM unnest(:ids::uuid[]) id`,
        { replacements: { ids } },
      );
      await database().query(
        `INSERT INTO readings (job_id, id, item, value_number, taken_at, author, instrument, received_at, visit_id,
                               entered_by, status, why, note)
         SELECT id, gen_random_uuid(), 'heat-aux/amps-' || n, 10 + n, now(), 'bench', 'clamp', now(), id,
                'bench', 'taken', '', ''
         FROM unnest(:ids::uuid[]) id, generate_series(1, ${READINGS}) n`,
        { replacements: { ids } },
      );
    }
    return rows.map(({ id }) => id);
  });

/** A session of a new technician. */
const signIn = async (scope: CrewScope): Promise<string> => {
  const { id } = await addPerson(scope, { name: 'Bench', role: 'technician' });
  return `${SESSION_COOKIE}=${await beginSession(scope, id)}`;
};

const BOARD = (search: string) => `SELECT j.id, j.name, j.customer, j.street, j.town, j.updated_at, s.summary
  FROM (SELECT crew_id, id FROM jobs WHERE deleted_at IS NULL AND archived_at IS NULL ${search}
        ORDER BY updated_at DESC, id DESC LIMIT 51) page
  JOIN jobs j ON j.crew_id = page.crew_id AND j.id = page.id
  LEFT JOIN job_summaries s ON s.crew_id = j.crew_id AND s.job_id = j.id
  ORDER BY j.updated_at DESC, j.id DESC`;

/** The job list query with row security. */
const behind = (scope: CrewScope, search: string) => () =>
  inCrew(scope, () => database().query(BOARD(search), { type: QueryTypes.SELECT }));

/** The same as an unrestricted role that names its rows: equally many round trips. */
const beside = (scope: CrewScope, search: string) => () =>
  ownerDatabase().transaction(async (transaction) => {
    await ownerDatabase().query("SELECT set_config('app.crew', :crew, true)", {
      replacements: { crew: scope.crewId },
      transaction,
    });
    await ownerDatabase().query(BOARD(`AND crew_id = '${scope.crewId}' ${search}`), {
      type: QueryTypes.SELECT,
      transaction,
    });
  });

const compare = async (what: string, scope: CrewScope, cookie: string, path: string, search = '') => {
  const ask = () => get(path, cookie);
  const [sql, free] = [behind(scope, search), beside(scope, search)];
  await Promise.all([timed(20, ask), timed(20, sql), timed(20, free)]);
  const bare = median(await timed(ROUNDS, sql));
  const unwalled = median(await timed(ROUNDS, free));
  const before = cpuMs();
  const all = await timed(ROUNDS, ask);
  say(
    what,
    `answer p50 ${ms(median(all))}, 95 % ${ms(share(all, 0.95))}`,
    `bare SQL ${ms(bare)} (${(median(all) / bare).toFixed(2)} times)`,
    `the wall ${((100 * (bare - unwalled)) / unwalled).toFixed(0)} %`,
    `CPU of the app ${ms((cpuMs() - before) / ROUNDS)}`,
  );
};

/** Many simultaneous saves, each on a separate job: every save is acknowledged, and every one is there afterward. */
const together = async (scope: CrewScope, cookie: string, jobs: readonly string[]) => {
  const took: number[] = [];
  let failed = 0;
  const client = async (id: string) => {
    for (let revision = 1; revision <= SAVES_EACH; revision++) {
      const from = performance.now();
      const changes = [{ path: 'house.designBtuh', value: 30_000 + revision }];
      const answer = await send(
        `/api/jobs/${id}`,
        'PATCH',
        { saveId: randomUUID(), baseRevision: revision, changes },
        cookie,
      );
      took.push(performance.now() - from);
      if (!answer.ok) failed++;
      await answer.text();
    }
  };
  const from = performance.now();
  await Promise.all(jobs.slice(0, CLIENTS).map(client));
  const seconds = (performance.now() - from) / 1000;
  const [{ kept } = { kept: 0 }] = await inCrew(scope, () =>
    select<{ kept: number }>('SELECT count(*)::int AS kept FROM fact_changes'),
  );
  say(
    `${CLIENTS} save at once, ${SAVES_EACH} times each`,
    `p50 ${ms(median(took))}, 95 % ${ms(share(took, 0.95))}`,
    `${(took.length / seconds).toFixed(0)} a second`,
    `${failed} failed, ${CLIENTS * SAVES_EACH - kept} lost`,
  );
};

const alone = async (cookie: string, id: string) => {
  let revision = 1 + SAVES_EACH;
  const all = await timed(150, async () => {
    const changes = [{ path: 'house.designBtuh', value: 40_000 + revision }];
    const answer = await send(
      `/api/jobs/${id}`,
      'PATCH',
      { saveId: randomUUID(), baseRevision: revision, changes },
      cookie,
    );
    revision = ((await answer.json()) as { revision: number }).revision;
  });
  say('one saves, fsync on', `p50 ${ms(median(all))}, 95 % ${ms(share(all, 0.95))}`);
};

const begun = performance.now();
const large = scopeOf({ crewId: FIRST_CREW });
const jobs = await fill(large, LARGE);
let small = large;
for (let crew = 0; crew < CREWS; crew++) {
  small = await makeCrew();
  await nameCrew(small, `Crew ${crew}`, `crew-${crew}-${randomUUID().slice(0, 8)}`);
  await fill(small, SMALL);
}
await ownerDatabase().query('VACUUM ANALYZE');
const [{ superuser } = { superuser: false }] = await ownerDatabase().query<{ superuser: boolean }>(
  'SELECT rolsuper AS superuser FROM pg_roles WHERE rolname = current_user',
  { type: QueryTypes.SELECT },
);
say(
  `${CREWS} crews, ${CREWS * SMALL + LARGE} jobs`,
  `filled in ${((performance.now() - begun) / 1000).toFixed(0)} s`,
  superuser
    ? 'the wall against a role that it does not hold'
    : 'the owner is held by the wall too: its cost is not shown',
);
const [atLarge, atSmall] = [await signIn(large), await signIn(small)];
await compare('board, 50 jobs', small, atSmall, '/api/jobs');
await compare('board, 10,000 jobs', large, atLarge, '/api/jobs');
const quarry = `AND search_text LIKE '%quarry%'`;
await compare('search, 50 jobs', small, atSmall, '/api/jobs?search=quarry', quarry);
await compare('search, 10,000 jobs', large, atLarge, '/api/jobs?search=quarry', quarry);
await compare(
  'search that finds one of 10,000',
  large,
  atLarge,
  '/api/jobs?search=customer%204242',
  `AND search_text LIKE '%customer%' AND search_text LIKE '%4242%'`,
);
await together(large, atLarge, jobs);
await alone(atLarge, jobs[0]!);
await sayMemory(MANY, '/api/jobs?search=quarry');
await closeDatabase();
