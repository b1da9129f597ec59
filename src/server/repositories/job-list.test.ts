import { randomUUID } from 'node:crypto';
import { setTimeout as sleep } from 'node:timers/promises';
import { ALL_JOBS } from '../../core/job-list/job-list-query';
import { jobOutline } from '../../core/job-list/job-outline';
import type { JobListPage, Stage } from '../../core/job-list/job-summary';
import { coreVersion } from '../core-version';
import { inCrew } from '../crew';
import { closeDatabase, database, ownerDatabase, select } from '../database';
import { handOver, moveJob, undoHandover } from './archive';
import { isListPosition, JOB_LIST_PAGE, listJobs } from './job-list';
import { getJob } from './jobs';
import { saveJob } from './save-job';
import { OUTDATED } from './summaries';
import { addReadings, change, make, reading, TEST_CREW } from './test-jobs';

afterAll(closeDatabase);

const outline = async (name: string) => (await listJobs(TEST_CREW, { ...ALL_JOBS, words: name })).jobs[0]!.outline;

describe('the summary of a job on the list', () => {
  test('is core’s own answer at each save', async () => {
    const name = `w${randomUUID().slice(0, 8)}`;
    const job = await make(name);
    const before = await outline(name);
    expect(before).toMatchObject({
      readings: 0,
      lastVisit: null,
      ruler: { designF: job.document.facts.house.designOutdoorF },
    });
    await addReadings(job.id, [reading()]);
    const after = await outline(name);
    expect(after).toMatchObject({ readings: 1, lastVisit: { reason: 'New installation' } });
    expect(after.startup.open).toBe(before.startup.open - 1);
    expect(after).toEqual(jobOutline((await getJob(TEST_CREW, job.id))!));
  });

  test('is recalculated when core changes', async () => {
    const name = `w${randomUUID().slice(0, 8)}`;
    const job = await make(name);
    const right = await outline(name);
    await inCrew(TEST_CREW, () =>
      database().query(
        `UPDATE job_summaries SET core_version = 'older', summary = '{"next": "Something else."}' WHERE job_id = '${job.id}'`,
      ),
    );
    expect(await outline(name)).toEqual(right);
    const [rows] = await inCrew(TEST_CREW, () =>
      database().query(`SELECT core_version FROM job_summaries WHERE job_id = '${job.id}'`),
    );
    expect(rows).toEqual([{ core_version: coreVersion() }]);
  });
});

describe('an outdated summary', () => {
  const versionOf = async (id: string): Promise<string> => {
    const [row] = await inCrew(TEST_CREW, () =>
      select<{ version: string }>('SELECT core_version AS version FROM job_summaries WHERE job_id = :id', { id }),
    );
    return row!.version;
  };
  const designF = (at: number) => [{ path: 'house.designOutdoorF', value: at } as const];

  test('is recalculated by itself, once for changes in a row', async () => {
    const name = `w${randomUUID().slice(0, 8)}`;
    const job = await make(name);
    for (const at of [0, 1, 2])
      await saveJob(TEST_CREW, job.id, {
        saveId: randomUUID(),
        baseRevision: job.revision + at,
        changes: designF(10 + at),
        author: 'Ana',
      });
    expect(await versionOf(job.id)).toBe(OUTDATED);
    while ((await versionOf(job.id)) === OUTDATED) await sleep(50);
    expect(await versionOf(job.id)).toBe(coreVersion());
    expect((await outline(name)).ruler.designF).toBe(12);
  });

  test('is never shown on the list, in any order', async () => {
    const name = `w${randomUUID().slice(0, 8)}`;
    const job = await make(name);
    await addReadings(job.id, [reading()]);
    const questions = [{}, { stage: 'startup' as const }, { sort: 'findings' as const }];
    for (const [at, question] of questions.entries()) {
      await saveJob(TEST_CREW, job.id, {
        saveId: randomUUID(),
        baseRevision: job.revision + at,
        changes: designF(20 + at),
        author: 'Ana',
      });
      const { jobs } = await listJobs(TEST_CREW, { ...ALL_JOBS, ...question, words: name });
      expect(jobs.map((each) => each.outline.ruler.designF)).toEqual([20 + at]);
    }
  });
});

describe('the job list', () => {
  test('finds jobs that contain every word, and treats signs as plain characters', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const job = await make(`Percent 100% ${word}`);
    await make(`Other ${word}`);
    expect((await listJobs(TEST_CREW, { ...ALL_JOBS, words: `${word} 100%` })).jobs.map(({ id }) => id)).toEqual([
      job.id,
    ]);
    expect((await listJobs(TEST_CREW, { ...ALL_JOBS, words: `${word} 100_` })).jobs).toEqual([]);
    expect((await listJobs(TEST_CREW, { ...ALL_JOBS, words: word })).jobs).toHaveLength(2);
  });

  test('shows all jobs page by page, none twice and none missing, though one changes meanwhile', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const count = 2 * JOB_LIST_PAGE + 7;
    const ids = await Promise.all(Array.from({ length: count }, async (_, at) => (await make(`${at} ${word}`)).id));
    const seen: string[] = [];
    let after: string | null = null;
    do {
      const page: JobListPage = await listJobs(TEST_CREW, { ...ALL_JOBS, words: word }, after);
      expect(page.jobs.length).toBeLessThanOrEqual(JOB_LIST_PAGE);
      seen.push(...page.jobs.map(({ id }) => id));
      after = page.next;
      // A changed first-page job moves to the top: later pages do not shift.
      await handOver(TEST_CREW, seen[0]!, { author: 'tester' });
      await undoHandover(TEST_CREW, seen[0]!, 'tester');
    } while (after !== null);
    expect(seen).toHaveLength(count);
    expect(new Set(seen)).toEqual(new Set(ids));
    // More than a hundred jobs are made, each with its answers for the board.
  }, 30_000);

  test.each(['name', 'findings'] as const)(
    'sorted by %s, page by page, none twice and none missing',
    async (sort) => {
      const word = `w${randomUUID().slice(0, 8)}`;
      const count = JOB_LIST_PAGE + 9;
      // Names that differ only in case, and many equal ones.
      await Promise.all(Array.from({ length: count }, (_, at) => make(`${['b', 'B', 'a', 'c'][at % 4]} ${word}`)));
      const question = { ...ALL_JOBS, words: word, sort };
      const first = await listJobs(TEST_CREW, question);
      const second = await listJobs(TEST_CREW, question, first.next);
      const all = [...first.jobs, ...second.jobs];
      expect(second.next).toBeNull();
      expect(new Set(all.map(({ id }) => id)).size).toBe(count);
      const weights = all.map(({ outline: { findings } }) => findings.error * 1000 + findings.warning);
      if (sort === 'name') expect(all.map(({ name }) => name[0]!.toLowerCase()).join('')).toMatch(/^a+b+c+$/);
      else expect(weights).toEqual([...weights].sort((a, b) => b - a));
    },
    30_000,
  );

  test('shows only the jobs of one stage', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const [planned, done] = [await make(`planned ${word}`), await make(`done ${word}`)];
    await handOver(TEST_CREW, done.id, { author: 'tester' });
    const ids = async (stage: Stage) =>
      (await listJobs(TEST_CREW, { ...ALL_JOBS, words: word, stage })).jobs.map(({ id }) => id);
    expect(await ids('planning')).toEqual([planned.id]);
    expect(await ids('startup')).toEqual([]);
    expect(await ids('handed-over')).toEqual([done.id]);
  });

  test('a cursor belongs to its order, and holds nothing else', () => {
    const id = randomUUID();
    expect(isListPosition(`name:o'hara; drop:${id}`, 'name')).toBe(true);
    expect(isListPosition(`name:x:${id}`, 'changed')).toBe(false);
    expect(isListPosition(`findings:many:${id}`, 'findings')).toBe(false);
    expect(isListPosition(`changed:2026-01-01:${id}`, 'changed')).toBe(false);
  });

  test('searches by its own index only, within the crew', async () => {
    await make();
    await ownerDatabase().query('VACUUM ANALYZE jobs');
    const plan = await inCrew(TEST_CREW, async () => {
      await database().query(
        'SET LOCAL enable_seqscan = off; SET LOCAL enable_sort = off; SET LOCAL enable_bitmapscan = off',
      );
      const [lines] = await database().query(
        `EXPLAIN SELECT id FROM jobs WHERE deleted_at IS NULL AND archived_at IS NULL
           AND search_text LIKE '%quarry%' ORDER BY updated_at DESC, id DESC LIMIT 51`,
      );
      return JSON.stringify(lines);
    });
    expect(plan).toContain('Index Only Scan using jobs_on_bench');
    expect(plan).toContain('Index Cond: (crew_id = ');
  });

  test('stage follows what was done', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const job = await make(word);
    const stage = async () => (await listJobs(TEST_CREW, { ...ALL_JOBS, words: word })).jobs[0]!.stage;
    expect(await stage()).toBe('planning');
    await addReadings(job.id, [reading()]);
    expect(await stage()).toBe('startup');
    await handOver(TEST_CREW, job.id, { author: 'tester' });
    expect(await stage()).toBe('handed-over');
    await undoHandover(TEST_CREW, job.id, 'tester');
    expect(await stage()).toBe('startup');
  });

  test('archive, delete and their opposites', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const job = await make(word);
    const where = async () => [
      (await listJobs(TEST_CREW, { ...ALL_JOBS, words: word })).jobs.length,
      (await listJobs(TEST_CREW, { ...ALL_JOBS, words: word, isArchived: true })).jobs.length,
    ];
    await moveJob(TEST_CREW, job.id, 'archive', '');
    expect(await where()).toEqual([0, 1]);
    await moveJob(TEST_CREW, job.id, 'restore', '');
    expect(await where()).toEqual([1, 0]);
    await moveJob(TEST_CREW, job.id, 'delete', '');
    expect([await where(), await getJob(TEST_CREW, job.id), await moveJob(TEST_CREW, job.id, 'archive', '')]).toEqual([
      [0, 0],
      null,
      'missing',
    ]);
    await moveJob(TEST_CREW, job.id, 'undelete', '');
    expect(await where()).toEqual([1, 0]);
  });

  test('is not archived by someone who has not seen another person’s save; one’s own saves do not matter', async () => {
    const job = await make();
    await saveJob(TEST_CREW, job.id, { ...change('house.designBtuh', 51_000, 1), author: 'E. V.' });
    expect(await moveJob(TEST_CREW, job.id, 'archive', 'R. A.', 1)).toBe('stale');
    expect(await moveJob(TEST_CREW, job.id, 'archive', 'E. V.', 1)).toBe('done');
  });
});
