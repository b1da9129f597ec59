import { randomUUID } from 'node:crypto';
import type { BoardPage } from '../../core/board/job-summary';
import { jobOutline } from '../../core/board/job-summary';
import { coreVersion } from '../core-version';
import { inCrew } from '../crew';
import { closeDatabase, database, ownerDatabase } from '../database';
import { BOARD_PAGE, listJobs } from './board';
import { getJob } from './jobs';
import { handOver, moveJob, takeBack } from './shelf';
import { addReadings, make, reading } from './test-jobs';

afterAll(closeDatabase);

describe('what the board says of a job', () => {
  const outline = async (name: string) => (await listJobs(name, false)).jobs[0]!.outline;

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
    expect(after).toEqual(jobOutline((await getJob(job.id))!));
  });

  test('is worked out again when core moves on', async () => {
    const name = `w${randomUUID().slice(0, 8)}`;
    const job = await make(name);
    const right = await outline(name);
    await inCrew(() =>
      database().query(
        `UPDATE job_summaries SET core_version = 'older', summary = '{"next": "Something else."}' WHERE job_id = '${job.id}'`,
      ),
    );
    expect(await outline(name)).toEqual(right);
    const [rows] = await inCrew(() =>
      database().query(`SELECT core_version FROM job_summaries WHERE job_id = '${job.id}'`),
    );
    expect(rows).toEqual([{ core_version: coreVersion() }]);
  });
});

describe('the board', () => {
  test('finds jobs that have every word, and treats signs as signs', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const job = await make(`Percent 100% ${word}`);
    await make(`Other ${word}`);
    expect((await listJobs(`${word} 100%`, false)).jobs.map(({ id }) => id)).toEqual([job.id]);
    expect((await listJobs(`${word} 100_`, false)).jobs).toEqual([]);
    expect((await listJobs(word, false)).jobs).toHaveLength(2);
  });

  test('shows all jobs page by page, none twice and none left out, though one changes meanwhile', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const count = 2 * BOARD_PAGE + 7;
    const ids = await Promise.all(Array.from({ length: count }, async (_, at) => (await make(`${at} ${word}`)).id));
    const seen: string[] = [];
    let after: string | null = null;
    do {
      const page: BoardPage = await listJobs(word, false, after);
      expect(page.jobs.length).toBeLessThanOrEqual(BOARD_PAGE);
      seen.push(...page.jobs.map(({ id }) => id));
      after = page.next;
      // What is on the first page goes to the top of it: no later page moves by that.
      await handOver(seen[0]!, { author: 'tester' });
      await takeBack(seen[0]!, 'tester');
    } while (after !== null);
    expect(seen).toHaveLength(count);
    expect(new Set(seen)).toEqual(new Set(ids));
    // More than a hundred jobs are made, each with its answers for the board.
  }, 30_000);

  test('finds by its own index alone, behind the crew’s wall', async () => {
    await make();
    await ownerDatabase().query('VACUUM ANALYZE jobs');
    const plan = await inCrew(async () => {
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
    const stage = async () => (await listJobs(word, false)).jobs[0]!.stage;
    expect(await stage()).toBe('planning');
    await addReadings(job.id, [reading()]);
    expect(await stage()).toBe('startup');
    await handOver(job.id, { author: 'tester' });
    expect(await stage()).toBe('handed-over');
    await takeBack(job.id, 'tester');
    expect(await stage()).toBe('startup');
  });

  test('archive, delete and their opposites', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const job = await make(word);
    const where = async () => [(await listJobs(word, false)).jobs.length, (await listJobs(word, true)).jobs.length];
    await moveJob(job.id, 'archive', '');
    expect(await where()).toEqual([0, 1]);
    await moveJob(job.id, 'restore', '');
    expect(await where()).toEqual([1, 0]);
    await moveJob(job.id, 'delete', '');
    expect([await where(), await getJob(job.id), await moveJob(job.id, 'archive', '')]).toEqual([[0, 0], null, false]);
    await moveJob(job.id, 'undelete', '');
    expect(await where()).toEqual([1, 0]);
  });
});
