import { randomUUID } from 'node:crypto';
import { parseProfileText } from '@/core/formats/profile-file';
import { copyOfProfile } from '@/core/setup/profiles/edit';
import { quillwort } from '@/core/setup/profiles/quillwort';
import { closeDatabase } from '@/server/database';
import { signInAs, testRequest } from '@/server/http/test-request';
import { GET as getJob } from './jobs/[jobId]/route';
import { POST as addMarks } from './jobs/[jobId]/setting-marks/route';
import { GET as getCsv } from './jobs/[jobId]/settings.csv/route';
import { POST as createJob } from './jobs/route';
import { GET as getFile } from './profiles/[profileId]/file/route';
import { POST as move } from './profiles/[profileId]/move/route';
import { GET as listProfiles, PUT as saveProfile } from './profiles/route';

beforeAll(() => signInAs('lead', 'E. V.'));
afterAll(closeDatabase);

const none = {} as never;
const job = (jobId: string) => ({ params: Promise.resolve({ jobId }) });
const at = (profileId: string) => ({ params: Promise.resolve({ profileId }) });
const request = (body?: unknown, query = '') => testRequest(body, { query });
const makeJob = async () => {
  const id = randomUUID();
  await createJob(request({ id, from: 'blank', name: `setup ${id}` }), none);
  return id;
};
const mark = (more: object = {}) => ({
  id: randomUUID(),
  at: '2026-01-05T12:00:00.000Z',
  author: 'E. V.',
  controller: 'indoor',
  profile: 'toadflax-indoor',
  entry: 'unit/KIT',
  code: 'KIT',
  label: 'Heat kit',
  kind: 'left',
  value: '3',
  words: '9.6 kW',
  ...more,
});
const profile = () => copyOfProfile(quillwort, `quillwort-${randomUUID().slice(0, 8)}`);
const save = (more: object = {}) =>
  saveProfile(request({ saveId: randomUUID(), baseRevision: null, profile: profile(), author: 'x', ...more }), none);

test('marks are kept with the job, once however often they are sent, and export as CSV', async () => {
  const id = await makeJob();
  const marks = [mark()];
  expect((await addMarks(request({ marks }), job(id))).status).toBe(201);
  expect((await addMarks(request({ marks }), job(id))).status).toBe(201);
  const stored = await (await getJob(request(), job(id))).json();
  const [{ id: visit }] = stored.visits;
  expect(stored.settingMarks).toEqual(marks.map((mark) => ({ ...mark, visit, origin: null, enteredBy: 'E. V.' })));
  expect(await (await getCsv(request(), job(id))).text()).toMatch(
    /Indoor board,toadflax-indoor,KIT,Heat kit,As left,3,9\.6 kW/,
  );
});

test.each([
  ['a kind that there is not', { kind: 'guessed' }, 'marks[0].kind'],
  ['nobody who did it', { author: '' }, 'marks[0].author'],
  ['a controller that there is not', { controller: 'roof' }, 'marks[0].controller'],
  ['no time', { at: 'noon' }, 'marks[0].at'],
])('a mark with %s is refused with its path', async (_, wrong, path) => {
  const response = await addMarks(request({ marks: [mark(wrong)] }), job(await makeJob()));
  expect([response.status, (await response.json()).path]).toEqual([400, path]);
});

test('marks for a missing job are refused', async () =>
  expect((await addMarks(request({ marks: [mark()] }), job(randomUUID()))).status).toBe(404));

test('a profile is saved, listed and exported in both formats', async () => {
  const mine = profile();
  expect((await save({ profile: mine })).status).toBe(200);
  expect(
    (await (await listProfiles(request(), none)).json()).profiles.map(
      (each: { profile: { id: string } }) => each.profile.id,
    ),
  ).toContain(mine.id);
  for (const as of ['yaml', 'json'])
    expect(parseProfileText(await (await getFile(request(undefined, `?as=${as}`), at(mine.id))).text())).toEqual({
      ok: true,
      value: mine,
    });
});

test('a shipped profile is never overwritten; its file can be downloaded', async () => {
  const response = await save({ profile: quillwort });
  expect([response.status, (await response.json()).error]).toEqual([409, expect.stringMatching(/Copy it/)]);
  expect((await getFile(request(), at(quillwort.id))).status).toBe(200);
});

test('a stale save returns the stored profile', async () => {
  const mine = profile();
  await save({ profile: mine });
  await save({ profile: { ...mine, name: 'Before you start' }, baseRevision: 1 });
  const response = await save({ profile: { ...mine, name: 'Second' }, baseRevision: 1 });
  expect([response.status, (await response.json()).stored.profile.name]).toEqual([409, 'Before you start']);
});

test.each([
  ['a profile of the wrong shape', { profile: { ...quillwort, entries: 'none' } }, 400],
  ['no save id', { saveId: '' }, 400],
  ['a profile that was deleted', { baseRevision: 3 }, 404],
])('%s is refused', async (_, wrong, status) => expect((await save(wrong)).status).toBe(status));

test('deleting and restoring', async () => {
  const mine = profile();
  await save({ profile: mine });
  expect((await move(request({ action: 'delete' }), at(mine.id))).status).toBe(200);
  expect((await getFile(request(), at(mine.id))).status).toBe(404);
  expect((await move(request({ action: 'undelete' }), at(mine.id))).status).toBe(200);
  expect((await move(request({ action: 'burn' }), at(mine.id))).status).toBe(400);
  expect((await move(request({ action: 'delete' }), at('nowhere-0001'))).status).toBe(404);
});
