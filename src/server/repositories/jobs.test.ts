import { randomUUID } from 'node:crypto';
import { blankJob, renamed } from '../../core/job/document';
import { NO_HISTORY } from '../../core/job/stored-job';
import { inCrew } from '../crew';
import { closeDatabase } from '../database';
import { readiness } from '../health';
import { models } from '../models';
import { factHistory } from './fact-history';
import { createJob, getJob } from './jobs';
import { saveJob } from './save-job';
import { change, make, TEST_CREW } from './test-jobs';

afterAll(closeDatabase);

test('the schema is current', async () =>
  expect(await readiness()).toEqual({ database: 'writes', schema: 'current', walls: 'held' }));

test('a job created twice under one id is one job', async () => {
  const id = randomUUID();
  const [first, second] = await Promise.all([
    createJob(TEST_CREW, id, renamed(blankJob(), 'one'), NO_HISTORY, null, ''),
    createJob(TEST_CREW, id, renamed(blankJob(), 'two'), NO_HISTORY, null, ''),
  ]);
  expect([first!.isNew, second!.isNew].sort()).toEqual([false, true]);
  expect(second!.job.document.facts.site.jobName).toBe(first!.job.document.facts.site.jobName);
});

describe('saving', () => {
  test('succeeds, counts the revision up, confirms the fact and keeps the old value', async () => {
    const job = await make();
    const result = await saveJob(TEST_CREW, job.id, change('house.designBtuh', 41_000, 1));
    expect(result).toMatchObject({
      kind: 'saved',
      job: {
        revision: 2,
        updatedBy: 'tester',
        document: { facts: { house: { designBtuh: 41_000 } }, confirmed: ['house.designBtuh'] },
      },
    });
    const history = await inCrew(TEST_CREW, () => models().FactChangeRow.findAll({ where: { jobId: job.id } }));
    expect(history.map(({ path, before, after, revision }) => ({ path, before, after, revision }))).toEqual([
      { path: 'house.designBtuh', before: 36_000, after: 41_000, revision: 2 },
    ]);
  });

  test('on an old revision is refused, and changes nothing', async () => {
    const job = await make();
    await saveJob(TEST_CREW, job.id, change('house.designBtuh', 41_000, 1));
    const stale = await saveJob(TEST_CREW, job.id, change('house.designBtuh', 52_000, 1));
    expect(stale).toMatchObject({
      kind: 'stale',
      job: { revision: 2, document: { facts: { house: { designBtuh: 41_000 } } } },
    });
    expect((await getJob(TEST_CREW, job.id))!.document.facts.house.designBtuh).toBe(41_000);
  });

  test('repeated after a lost answer is the same save', async () => {
    const job = await make();
    const save = change('house.noLoadF', 60, 1);
    await saveJob(TEST_CREW, job.id, save);
    expect(await saveJob(TEST_CREW, job.id, save)).toMatchObject({ kind: 'saved', job: { revision: 2 } });
  });

  test('twice at once: one succeeds and one is refused', async () => {
    const job = await make();
    const results = await Promise.all(
      [41_000, 42_000, 43_000].map((value) => saveJob(TEST_CREW, job.id, change('house.designBtuh', value, 1))),
    );
    expect(results.map(({ kind }) => kind).sort()).toEqual(['saved', 'stale', 'stale']);
  });

  test('on a missing job is not found', async () =>
    expect(await saveJob(TEST_CREW, randomUUID(), change('house.noLoadF', 60, 1))).toEqual({ kind: 'missing' }));
});

test('the history of a fact says who, when, from and to', async () => {
  const job = await make();
  await saveJob(TEST_CREW, job.id, change('house.designBtuh', 41_000, 1));
  await saveJob(TEST_CREW, job.id, change('house.designBtuh', 43_000, 2));
  expect(await factHistory(TEST_CREW, job.id, 'house.designBtuh')).toEqual([
    { before: 41_000, after: 43_000, author: 'tester', at: expect.any(String) },
    { before: 36_000, after: 41_000, author: 'tester', at: expect.any(String) },
  ]);
  expect(await factHistory(TEST_CREW, job.id, 'house.noLoadF')).toEqual([]);
});
