import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { blankJob, renamed } from '../../core/job/document';
import type { Reading } from '../../core/job/reading';
import type { BoardPage } from '../../core/job/stored-job';
import { closeDatabase, database } from '../database';
import { readiness } from '../health';
import { models } from '../models';
import { BOARD_PAGE, listJobs } from './board';
import { createJob, getJob, moveJob, saveJob } from './jobs';
import { addReadings } from './readings';

afterAll(closeDatabase);

const reading = (change: Partial<Reading> = {}): Reading => ({
  id: randomUUID(),
  item: 'conditions/outdoor',
  value: 21,
  place: null,
  at: '2026-01-05T12:00:00.000Z',
  author: 'E. V.',
  instrument: 'probe',
  replaces: null,
  ...change,
});
const NONE = { readings: [], settingMarks: [] };
const make = async (name = `job ${randomUUID()}`) =>
  (await createJob(randomUUID(), renamed(blankJob(), name), NONE, null, 'tester'))!.job;
const change = (
  path: 'house.designBtuh' | 'house.noLoadF',
  value: number,
  baseRevision: number,
  saveId = randomUUID(),
) => ({
  saveId,
  baseRevision,
  changes: [{ path, value }],
  author: 'tester',
});

test('the schema is current', async () => expect(await readiness()).toEqual({ database: 'writes', schema: 'current' }));

test('a job made twice under one id is one job', async () => {
  const id = randomUUID();
  const [first, second] = await Promise.all([
    createJob(id, renamed(blankJob(), 'one'), NONE, null, ''),
    createJob(id, renamed(blankJob(), 'two'), NONE, null, ''),
  ]);
  expect([first!.isNew, second!.isNew].sort()).toEqual([false, true]);
  expect(second!.job.document.facts.site.jobName).toBe(first!.job.document.facts.site.jobName);
});

describe('saving', () => {
  test('lands, counts up, confirms the fact and keeps the old value', async () => {
    const job = await make();
    const result = await saveJob(job.id, change('house.designBtuh', 41_000, 1));
    expect(result).toMatchObject({
      kind: 'saved',
      job: {
        revision: 2,
        updatedBy: 'tester',
        document: { facts: { house: { designBtuh: 41_000 } }, confirmed: ['house.designBtuh'] },
      },
    });
    const history = await models().FactChangeRow.findAll({ where: { jobId: job.id } });
    expect(history.map(({ path, before, after, revision }) => ({ path, before, after, revision }))).toEqual([
      { path: 'house.designBtuh', before: 36_000, after: 41_000, revision: 2 },
    ]);
  });

  test('on an old revision is refused, and changes nothing', async () => {
    const job = await make();
    await saveJob(job.id, change('house.designBtuh', 41_000, 1));
    const stale = await saveJob(job.id, change('house.designBtuh', 52_000, 1));
    expect(stale).toMatchObject({
      kind: 'stale',
      job: { revision: 2, document: { facts: { house: { designBtuh: 41_000 } } } },
    });
    expect((await getJob(job.id))!.document.facts.house.designBtuh).toBe(41_000);
  });

  test('sent again after a lost answer is the save that landed', async () => {
    const job = await make();
    const save = change('house.noLoadF', 60, 1);
    await saveJob(job.id, save);
    expect(await saveJob(job.id, save)).toMatchObject({ kind: 'saved', job: { revision: 2 } });
  });

  test('of two at once, one lands and one is told', async () => {
    const job = await make();
    const results = await Promise.all(
      [41_000, 42_000, 43_000].map((value) => saveJob(job.id, change('house.designBtuh', value, 1))),
    );
    expect(results.map(({ kind }) => kind).sort()).toEqual(['saved', 'stale', 'stale']);
  });

  test('nowhere is missing', async () =>
    expect(await saveJob(randomUUID(), change('house.noLoadF', 60, 1))).toEqual({ kind: 'missing' }));
});

describe('readings', () => {
  test('keep their value, word or number, and are sent twice without harm', async () => {
    const job = await make();
    const [number, open, done] = [
      reading(),
      reading({ item: 'element-ohms/ohms-1', value: 'OL' }),
      reading({ item: 'make-safe/lugs', value: 'done', instrument: '' }),
    ];
    await addReadings(job.id, [number, open]);
    await addReadings(job.id, [open, done]);
    const stored = (await getJob(job.id))!.readings;
    expect(stored).toHaveLength(3);
    expect(stored).toEqual(expect.arrayContaining([number, open, done]));
  });

  test('a correction leaves the old one in place', async () => {
    const job = await make();
    const first = reading({ value: 91 });
    await addReadings(job.id, [first]);
    await addReadings(job.id, [reading({ value: 19, replaces: first.id, at: '2026-01-05T12:01:00.000Z' })]);
    expect((await getJob(job.id))!.readings.map(({ value, replaces }) => [value, replaces])).toEqual([
      [91, null],
      [19, first.id],
    ]);
  });

  test('do not touch the document’s revision', async () => {
    const job = await make();
    await addReadings(job.id, [reading()]);
    expect(await saveJob(job.id, change('house.noLoadF', 59, 1))).toMatchObject({ kind: 'saved' });
  });

  test('of no job are refused', async () => expect(await addReadings(randomUUID(), [reading()])).toBe(false));
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
      await moveJob(seen[0]!, 'hand-over', 'tester');
    } while (after !== null);
    expect(seen).toHaveLength(count);
    expect(new Set(seen)).toEqual(new Set(ids));
  });

  test('finds by an index where the database has trigrams', async () => {
    await database().transaction(async (transaction) => {
      await database().query('SET LOCAL enable_seqscan = off', { transaction });
      const plan = await database().query<Record<string, string>>(
        "EXPLAIN SELECT id FROM jobs WHERE deleted_at IS NULL AND search_text LIKE '%quarry%'",
        { transaction, type: QueryTypes.SELECT },
      );
      expect(JSON.stringify(plan)).toContain('jobs_search');
    });
  });

  test('stage follows what was done', async () => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const job = await make(word);
    const stage = async () => (await listJobs(word, false)).jobs[0]!.stage;
    expect(await stage()).toBe('planning');
    await addReadings(job.id, [reading()]);
    expect(await stage()).toBe('startup');
    await moveJob(job.id, 'hand-over', 'tester');
    expect(await stage()).toBe('handed-over');
    await moveJob(job.id, 'take-back', 'tester');
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
