import { randomUUID } from 'node:crypto';
import { sampleFile } from '@/core/formats/sample-file';
import { SAMPLES } from '@/core/samples';
import { inCrew } from '@/server/crew';
import { closeDatabase } from '@/server/database';
import { signInAs, testRequest } from '@/server/http/test-request';
import { models } from '@/server/models';
import { TEST_CREW } from '@/server/repositories/test-jobs';
import { GET as health } from './health/route';
import { GET as getFile } from './jobs/[jobId]/file/route';
import { POST as move } from './jobs/[jobId]/move/route';
import { GET as getCsv } from './jobs/[jobId]/readings.csv/route';
import { POST as addReadings } from './jobs/[jobId]/readings/route';
import { GET as getJob, PATCH as saveJob } from './jobs/[jobId]/route';
import { POST as importJob } from './jobs/import/route';
import { GET as listJobs, POST as createJob } from './jobs/route';
import { GET as ready } from './ready/route';

beforeAll(() => signInAs('lead'));
afterAll(closeDatabase);

const none = {} as never;
const of = (jobId: string) => ({ params: Promise.resolve({ jobId }) });
const request = (body?: unknown, query = '') => testRequest(body, { query });
const make = async (from = 'blank', source = '') => {
  const id = randomUUID();
  const response = await createJob(request({ id, from, source, name: `api ${id}` }), none);
  expect(response.status).toBe(201);
  return id;
};

test('the process reports that it is alive and ready', async () => {
  expect((await health(request())).status).toBe(200);
  const answer = await ready(request());
  expect([answer.status, await answer.json()]).toEqual([200, { database: 'writes', schema: 'current', walls: 'held' }]);
});

test('create, read, list; repeating the request returns the same job', async () => {
  const id = await make('sample', 'cinder-creek');
  expect((await createJob(request({ id, from: 'blank' }), none)).status).toBe(200);
  const job = await (await getJob(request(), of(id))).json();
  expect(job).toMatchObject({
    id,
    revision: 1,
    readings: [],
    document: { facts: { thermostat: { outdoorSensor: 'wireless' } } },
  });
  expect((await (await listJobs(request(undefined, `?search=${id}`), none)).json()).jobs).toHaveLength(1);
});

test('a copy takes the facts and leaves the readings behind', async () => {
  const [id, copyId] = [await make('sample', 'quarry-bench'), randomUUID()];
  await addReadings(request({ readings: [SAMPLES[1]!.readings[0]] }), of(id));
  const copy = await (await createJob(request({ id: copyId, from: 'copy', source: id }), none)).json();
  expect(copy.readings).toEqual([]);
  expect(copy.document.facts.site.jobName).toBe(`api ${id} (copy)`);
});

test.each([
  ['not JSON', '{', ''],
  ['no id', { from: 'blank' }, 'id'],
  ['an odd start', { id: randomUUID(), from: 'thin air' }, 'from'],
  ['a name with markup', { id: randomUUID(), from: 'blank', name: '<img src=x>' }, 'name'],
])('creating from %s is refused', async (_, body, path) => {
  const response = await createJob(request(body), none);
  expect([response.status, (await response.json()).path]).toEqual([400, path]);
});

test.each([
  ['an unknown fact', { path: 'house.ghost', value: 1 }, 'changes[0].path'],
  ['a value out of bounds', { path: 'house.designBtuh', value: -1 }, 'changes[0].value'],
  ['a missing value', { path: 'house.designBtuh' }, 'changes[0].value'],
  [
    'a half row',
    {
      path: 'outdoorUnit.ratingPoints',
      value: [
        { outdoorF: 47, kW: 2 },
        { outdoorF: 17, btuh: 2e4, kW: 2 },
      ],
    },
    'changes[0].value[0].btuh',
  ],
])('saving %s is refused with its path, and nothing is saved', async (_, change, path) => {
  const id = await make();
  const response = await saveJob(
    request({
      saveId: randomUUID(),
      baseRevision: 1,
      changes: [{ path: 'house.noLoadF', value: 58 }, change].reverse(),
    }),
    of(id),
  );
  expect([response.status, (await response.json()).path]).toEqual([400, path]);
  expect((await (await getJob(request(), of(id))).json()).revision).toBe(1);
});

test('a stale save answers 409 with the saved version', async () => {
  const id = await make();
  const save = (value: number) =>
    saveJob(request({ saveId: randomUUID(), baseRevision: 1, changes: [{ path: 'house.noLoadF', value }] }), of(id));
  expect((await save(58)).status).toBe(200);
  const stale = await save(59);
  expect(stale.status).toBe(409);
  expect((await stale.json()).job.document.facts.house.noLoadF).toBe(58);
});

test('ids ignore case; a source that is not an id, or the place of a deleted job, is reported', async () => {
  const id = randomUUID();
  const large = id.toUpperCase();
  expect((await createJob(request({ id: large, from: 'blank' }), none)).status).toBe(201);
  expect((await createJob(request({ id, from: 'blank' }), none)).status).toBe(200);
  const [reading] = SAMPLES[1]!.readings;
  const first = randomUUID().toUpperCase();
  await addReadings(request({ readings: [{ ...reading, id: first }] }), of(large));
  await addReadings(
    request({
      readings: [{ ...reading, id: randomUUID(), replaces: first.toLowerCase(), value: 7, at: '2026-06-01T10:00:00Z' }],
    }),
    of(id),
  );
  const { readings } = await (await getJob(request(), of(large))).json();
  expect(readings[1].replaces).toBe(readings[0].id);

  const copy = await createJob(request({ id: randomUUID(), from: 'copy', source: 'no id' }), none);
  expect(copy.status).toBe(404);
  await move(request({ action: 'delete' }), of(id));
  const again = await createJob(request({ id, from: 'blank' }), none);
  expect([again.status, (await again.json()).path]).toEqual([409, 'id']);
});

test('a job whose name would be cut in the middle of an emoji can be duplicated', async () => {
  const [id, copyId] = [randomUUID(), randomUUID()];
  const name = `${'x'.repeat(109)}🪜 and more`.slice(0, 118);
  expect((await createJob(request({ id, from: 'blank', name }), none)).status).toBe(201);
  const copy = await createJob(request({ id: copyId, from: 'copy', source: id }), none);
  expect(copy.status).toBe(201);
  expect((await copy.json()).document.facts.site.jobName).toBe(`${'x'.repeat(109)} (copy)`);
});

test('a save is remembered however many follow it', async () => {
  const id = await make();
  const save = (saveId: string, baseRevision: number, value: number) =>
    saveJob(request({ saveId, baseRevision, changes: [{ path: 'house.noLoadF', value }] }), of(id));
  const [first, second] = [randomUUID(), randomUUID()];
  expect([(await save(first, 1, 58)).status, (await save(second, 2, 59)).status]).toEqual([200, 200]);
  const again = await save(first.toUpperCase(), 1, 58);
  expect(again.status).toBe(200);
  expect((await again.json()).document.facts.house.noLoadF).toBe(59);
});

test('an id without a job is not found, whatever the id', async () => {
  for (const id of [randomUUID(), 'x', "'; DROP TABLE jobs; --"]) {
    expect((await getJob(request(), of(id))).status).toBe(404);
    expect((await move(request({ action: 'archive' }), of(id))).status).toBe(404);
    expect((await addReadings(request({ readings: [SAMPLES[1]!.readings[0]] }), of(id))).status).toBe(404);
    expect((await saveJob(request({ saveId: randomUUID(), baseRevision: 1, changes: [] }), of(id))).status).toBe(404);
  }
});

test('impossible readings are refused', async () => {
  const id = await make();
  const [good] = SAMPLES[1]!.readings;
  for (const [bad, path] of [
    [{ ...good, value: 'lots' }, 'readings[0].value'],
    [{ ...good, author: '' }, 'readings[0].author'],
    [{ ...good, item: 'nowhere' }, 'readings[0].item'],
  ] as const) {
    const response = await addReadings(request({ readings: [bad] }), of(id));
    expect([response.status, (await response.json()).path]).toEqual([400, path]);
  }
});

describe('job files', () => {
  const fresh = () => ({ ...sampleFile(SAMPLES[2]!), id: randomUUID() });

  test('an exported file imports unchanged', async () => {
    const file = fresh();
    expect((await importJob(request(file, `?copyId=${randomUUID()}`), none)).status).toBe(201);
    const out = await getFile(request(), of(file.id));
    expect(out.headers.get('content-disposition')).toBe('attachment; filename="brandvold-nkemelu-cinder-creek.json"');
    expect(await out.json()).toEqual(JSON.parse(JSON.stringify(file)));
    const csv = await (await getCsv(request(), of(file.id))).text();
    expect(csv.trim().split('\r\n')).toHaveLength(file.readings.length + 1);
  });

  test('a job that already exists is imported as a copy, once for each copy id', async () => {
    const [file, copyId] = [fresh(), randomUUID()];
    await importJob(request(file, `?copyId=${randomUUID()}`), none);
    for (let time = 0; time < 2; time++)
      expect(await (await importJob(request(file, `?copyId=${copyId}`), none)).json()).toMatchObject({
        id: copyId,
        isCopy: true,
      });
  });

  test('several files sent at once under one id are all imported: one as itself, the others as copies', async () => {
    const file = fresh();
    const named = (jobName: string) => ({ ...file, facts: { ...file.facts, site: { ...file.facts.site, jobName } } });
    const answers = await Promise.all(
      ['one', 'two', 'three'].map(async (name) =>
        (await importJob(request(named(name), `?copyId=${randomUUID()}`), none)).json(),
      ),
    );
    expect(answers.filter(({ isCopy }) => !isCopy)).toHaveLength(1);
    expect(new Set(answers.map(({ id }) => id)).size).toBe(3);
    expect(answers.map(({ name }) => name.replace(' (copy)', '')).sort()).toEqual(['one', 'three', 'two']);
  });

  test('repeating an import returns the first import, one after the other or at once', async () => {
    const [file, copyId] = [fresh(), randomUUID()];
    const send = async () => (await importJob(request(file, `?copyId=${copyId}`), none)).json();
    const answers = [...(await Promise.all([send(), send(), send()])), await send()];
    expect(answers.map(({ id, isCopy }) => [id, isCopy])).toEqual(answers.map(() => [file.id, false]));
    expect((await (await listJobs(request(undefined, `?search=${copyId}`), none)).json()).jobs).toEqual([]);
    expect((await getJob(request(), of(copyId))).status).toBe(404);
  });

  test.each([
    ['50 MB', 'x'.repeat(50_000_000), 413, ''],
    ['half a letter', { ...sampleFile(SAMPLES[0]!), facts: { site: { notes: '\ud83e' } } }, 400, 'facts.site.notes'],
    ['a web page', '<html><script>alert(1)</script>', 400, ''],
    ['a newer version', { ...sampleFile(SAMPLES[0]!), fileVersion: 7 }, 400, 'fileVersion'],
    [
      'a negative load',
      { ...sampleFile(SAMPLES[0]!), facts: { house: { designBtuh: -5 } } },
      400,
      'facts.house.designBtuh',
    ],
  ])('%s is refused and nothing is saved', async (_, body, status, path) => {
    const count = () => inCrew(TEST_CREW, () => models().JobRow.count());
    const before = await count();
    const response = await importJob(request(body, `?copyId=${randomUUID()}`), none);
    expect([response.status, (await response.json()).path]).toEqual([status, path]);
    expect(await count()).toBe(before);
  });
});
