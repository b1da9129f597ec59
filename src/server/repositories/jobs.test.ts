import { randomUUID } from 'node:crypto';
import type { BoardPage } from '../../core/board/job-summary';
import { jobOutline } from '../../core/board/job-summary';
import { DEFAULT_MOMENT } from '../../core/control/moment';
import { documentOf, parseJobFileText, toJobFile } from '../../core/formats/job-file';
import { sampleFile } from '../../core/formats/sample-file';
import { handoverRecord } from '../../core/handover/record';
import { recordDifferences } from '../../core/handover/record-differences';
import { blankJob, renamed } from '../../core/job/document';
import { type Reading, type TakenReading, takenReading } from '../../core/job/reading';
import { NO_HISTORY } from '../../core/job/stored-job';
import { SAMPLES } from '../../core/samples';
import { coreVersion } from '../core-version';
import { inCrew } from '../crew';
import { closeDatabase, database, ownerDatabase } from '../database';
import { readiness } from '../health';
import { models } from '../models';
import { addToJob } from './add-to-job';
import { BOARD_PAGE, listJobs } from './board';
import { factHistory } from './fact-history';
import { handoversOf } from './handovers';
import { importJob } from './import-job';
import { createJob, getJob, saveJob } from './jobs';
import { handOver, moveJob, takeBack } from './shelf';
import { putVisit } from './visits';

afterAll(closeDatabase);

const VISIT = randomUUID();
const addReadings = async (jobId: string, rows: readonly Reading[]) =>
  (await addToJob(jobId, 'readings', { rows, visits: [], sentAt: null })) !== null;
const reading = (change: Partial<TakenReading> = {}): Reading =>
  takenReading({
    visit: VISIT,
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
const make = async (name = `job ${randomUUID()}`) =>
  (await createJob(randomUUID(), renamed(blankJob(), name), NO_HISTORY, null, 'tester'))!.job;
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

test('the schema is current', async () =>
  expect(await readiness()).toEqual({ database: 'writes', schema: 'current', walls: 'held' }));

test('a job made twice under one id is one job', async () => {
  const id = randomUUID();
  const [first, second] = await Promise.all([
    createJob(id, renamed(blankJob(), 'one'), NO_HISTORY, null, ''),
    createJob(id, renamed(blankJob(), 'two'), NO_HISTORY, null, ''),
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
    const history = await inCrew(() => models().FactChangeRow.findAll({ where: { jobId: job.id } }));
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

describe('visits and clocks', () => {
  const sentFrom = (device: string, sequence: number) => ({ device, sequence, clockOffsetMs: null });
  const add = (jobId: string, sentAt: string | null, ...rows: Reading[]) =>
    addToJob(jobId, 'readings', { rows, visits: [], sentAt });

  test('a reading keeps all that is known of it, and how far its device’s clock was off', async () => {
    const job = await make();
    const device = randomUUID();
    const full = takenReading({
      ...(reading() as TakenReading),
      item: 'heat/volts-air-handler-Y-low',
      meterOhms: 3000,
      enteredBy: 'helper',
      note: 'with the door off',
      origin: sentFrom(device, 2 ** 40),
    });
    const sentAt = new Date(Date.now() + 86_400_000).toISOString();
    const landed = await add(job.id, sentAt, full);
    const [stored] = (await getJob(job.id))!.readings;
    expect(landed!.rows).toEqual([stored]);
    const { clockOffsetMs } = stored!.origin!;
    expect(stored).toEqual({ ...full, origin: { device, sequence: 2 ** 40, clockOffsetMs } });
    expect(Math.abs(clockOffsetMs! + 86_400_000)).toBeLessThan(60_000);
    // Sent again with another clock, it is the reading that landed.
    expect((await add(job.id, new Date().toISOString(), full))!.rows).toEqual([stored]);
  });

  test('a withdrawal and a reading that was not taken keep their reason', async () => {
    const job = await make();
    const first = reading();
    const untaken = (status: 'withdrawn' | 'not-measured', replaces: string | null): Reading => {
      const { value: _value, ...bare } = reading({ replaces }) as TakenReading;
      return { ...bare, status, value: null, why: 'no ladder' };
    };
    const [gone, left] = [untaken('withdrawn', first.id), untaken('not-measured', null)];
    await addReadings(job.id, [first, gone, left]);
    expect((await getJob(job.id))!.readings).toEqual(expect.arrayContaining([first, gone, left]));
  });

  test('two devices that begin a visit on one morning are on one; a week later is another', async () => {
    const job = await make();
    const [one, other, later] = ['10:00', '11:00', ''].map((time, at) =>
      reading({ visit: randomUUID(), at: at === 2 ? '2026-01-12T10:00:00.000Z' : `2026-01-05T${time}:00.000Z` }),
    ) as [Reading, Reading, Reading];
    await Promise.all([addReadings(job.id, [one]), addReadings(job.id, [other])]);
    await addReadings(job.id, [later]);
    const { visits, readings } = (await getJob(job.id))!;
    expect(visits.map(({ reason, began }) => [reason, began])).toEqual([
      ['new', expect.stringMatching(/^2026-01-05/)],
      ['call-back', later.at],
    ]);
    expect(readings.map(({ visit }) => visit)).toEqual([visits[0]!.id, visits[0]!.id, visits[1]!.id]);
  });

  test('a visit that somebody begins is there before anything is read, and ends', async () => {
    const job = await make();
    const visit = {
      id: randomUUID(),
      reason: 'season',
      began: '2026-01-05T10:00:00.000Z',
      ended: null,
      author: 'E. V.',
    } as const;
    expect(await putVisit(job.id, visit)).toEqual([visit]);
    const over = { ...visit, reason: 'call-back', ended: '2026-01-05T12:00:00.000Z' } as const;
    expect(await putVisit(job.id, over)).toEqual([over]);
    expect(await putVisit(randomUUID(), visit)).toBeNull();
  });
});

describe('handing over', () => {
  test('keeps the record as it is printed now; what changes later changes today’s record alone', async () => {
    const id = randomUUID();
    const { document, readings, settingMarks, visits } = (() => {
      const file = sampleFile(SAMPLES[1]!);
      return { document: documentOf(file), ...file };
    })();
    await createJob(id, document, { readings, settingMarks, visits }, null, 'tester');
    expect(await handOver(id, { author: 'E. V.', outdoorF: 19, indoorF: 68, revision: 2 })).toBe('stale');
    expect(await handOver(id, { author: 'E. V.', outdoorF: 19, indoorF: 68, revision: 1 })).toBe('done');
    const [kept, ...others] = await handoversOf(id);
    expect(others).toEqual([]);
    expect(kept).toMatchObject({ author: 'E. V.', record: { outdoorF: 19, name: document.facts.site.jobName } });
    expect((await getJob(id))!.visits[0]!.ended).toBe((await getJob(id))!.handedOverAt);
    // Handed over already: nothing is signed twice.
    expect(await handOver(id, { author: 'else' })).toBe('done');

    await saveJob(id, change('house.designBtuh', 51_000, 1));
    expect((await handoversOf(id))[0]).toEqual(kept);
    const job = (await getJob(id))!;
    const today = handoverRecord(
      {
        facts: job.document.facts,
        confirmed: new Set(job.document.confirmed),
        readings: job.readings,
        settingMarks: job.settingMarks,
        visit: job.visits[0],
      },
      { ...DEFAULT_MOMENT, outdoorF: 19, indoorF: 68 },
    );
    const changes = recordDifferences(kept!.record, today);
    expect(changes).toContainEqual({
      where: 'House: Heat loss at design',
      then: expect.any(String),
      now: '51,000 Btu/h',
    });

    expect(await takeBack(id, 'E. V.')).toBe(true);
    const back = (await getJob(id))!;
    expect([back.handedOverAt, back.visits[0]!.ended, (await handoversOf(id)).length]).toEqual([null, null, 1]);
  });

  test('travels with the job file, and is read as it was printed', async () => {
    const job = await make();
    await handOver(job.id, { author: 'E. V.' });
    const kept = await handoversOf(job.id);
    const stored = (await getJob(job.id))!;
    const text = JSON.stringify(toJobFile(randomUUID(), stored.document, stored, stored.handedOverAt, kept));
    const parsed = parseJobFileText(text);
    if (!parsed.ok) throw new Error(`${parsed.path}: ${parsed.error}`);
    const landed = (await importJob({ file: parsed.value, copyId: randomUUID() }))!;
    expect(await handoversOf(landed.job.id)).toEqual(kept);
  });
});

test('the history of a fact says who, when, from and to', async () => {
  const job = await make();
  await saveJob(job.id, change('house.designBtuh', 41_000, 1));
  await saveJob(job.id, change('house.designBtuh', 43_000, 2));
  expect(await factHistory(job.id, 'house.designBtuh')).toEqual([
    { before: 41_000, after: 43_000, author: 'tester', at: expect.any(String) },
    { before: 36_000, after: 41_000, author: 'tester', at: expect.any(String) },
  ]);
  expect(await factHistory(job.id, 'house.noLoadF')).toEqual([]);
});

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
  });

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
