import { randomUUID } from 'node:crypto';
import { blankJob } from '@/core/job/document';
import { NO_HISTORY } from '@/core/job/stored-job';
import { SESSION_COOKIE } from '@/server/access/session-cookie';
import { inCrew } from '@/server/crew';
import { closeDatabase, database, ownerDatabase, select } from '@/server/database';
import { sweepCrews } from '@/server/delete-crew';
import { cookieOf } from '@/server/http/test-request';
import { makeCrew } from '@/server/make-crew';
import { crewByHandle, nameCrew } from '@/server/repositories/crews';
import { insertJob } from '@/server/repositories/jobs';
import { addPerson, listPeople } from '@/server/repositories/people';
import { beginSession, principalByToken } from '@/server/repositories/sessions';
import { make, TEST_CREW } from '@/server/repositories/test-jobs';
import { POST as closeCrew } from './crew/close/route';
import { GET as readDefaults, PUT as decideDefaults } from './crew/defaults/route';
import { POST as leaveNote } from './jobs/[jobId]/notes/route';
import { POST as beOnJob } from './jobs/[jobId]/presence/route';
import { POST as addReadings } from './jobs/[jobId]/readings/route';
import { GET as getJob } from './jobs/[jobId]/route';
import { GET as listJobs, POST as createJob } from './jobs/route';
import { POST as changePerson } from './people/[personId]/route';

afterAll(closeDatabase);

const ask = (cookie: string, body?: unknown, method = body === undefined ? 'GET' : 'POST') =>
  new Request('http://localhost/', {
    method,
    headers: { cookie, host: 'localhost', 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
const at = (id: string) => ({ params: Promise.resolve({ jobId: id, personId: id }) });

describe('an apprentice’s readings', () => {
  const reading = (change: object = {}) => ({
    id: randomUUID(),
    item: 'conditions/outdoor',
    value: 21,
    place: null,
    at: '2026-01-05T12:00:00.000Z',
    author: 'Ilse',
    instrument: 'Probe 2',
    replaces: null,
    ...change,
  });

  test('wait; a technician can countersign them, an apprentice or a reader cannot', async () => {
    const job = await make();
    const [apprentice, technician, reader] = [
      await cookieOf('apprentice', 'Ilse'),
      await cookieOf('technician', 'Emeric'),
      await cookieOf('reader', 'Tomas'),
    ];
    const add = async (cookie: string, row: object) => {
      const answer = await addReadings(ask(cookie, { readings: [row] }), at(job.id));
      return { status: answer.status, row: (await answer.json()).rows?.[0] };
    };
    const first = (await add(apprentice, reading())).row;
    expect(first).toMatchObject({ author: 'Ilse', enteredBy: 'Ilse', countersign: 'waits' });

    const again = () => ({
      ...first,
      id: randomUUID(),
      replaces: first.id,
      countersign: { by: 'nobody', at: '2026-01-05T15:00:00.000Z' },
    });
    expect((await add(apprentice, again())).row.countersign).toBe('waits');
    expect((await add(reader, again())).status).toBe(403);
    expect((await add(technician, { ...again(), value: 42 })).row).toMatchObject({ countersign: null, value: 42 });
    const stands = (await add(technician, again())).row;
    expect(stands).toMatchObject({
      author: 'Ilse',
      enteredBy: 'Ilse',
      value: 21,
      countersign: { by: 'Emeric', at: '2026-01-05T15:00:00.000Z' },
    });
    const kept = await (await getJob(ask(technician), at(job.id))).json();
    expect(kept.readings.find(({ id }: { id: string }) => id === stands.id)).toEqual(stands);
  });
});

describe('a job with several people', () => {
  test('a lead leaves a note, changes it and removes it; all are kept; who else is on the job is shown', async () => {
    const job = await make();
    const [lead, technician] = [await cookieOf('lead', 'Rosalind'), await cookieOf('technician', 'Emeric')];
    const here = async (cookie: string) => (await beOnJob(ask(cookie, { here: true }), at(job.id))).json();
    const note = (words: string, cookie = lead) => leaveNote(ask(cookie, { words }), at(job.id));
    expect((await note('mine', technician)).status).toBe(403);
    await note('Bring the 15 kW label');
    await note('  Bring both labels ');
    expect(await here(lead)).toMatchObject({ note: { words: 'Bring both labels', author: 'Rosalind' }, others: [] });
    expect((await here(technician)).others).toEqual(['Rosalind']);
    const { jobs } = await (await listJobs(ask(lead), {})).json();
    expect(jobs.find(({ id }: { id: string }) => id === job.id)).toMatchObject({
      note: 'Bring both labels',
      onIt: ['Emeric', 'Rosalind'],
    });
    await note('');
    expect((await here(technician)).note).toBeNull();
    expect(
      await inCrew(TEST_CREW, () =>
        select('SELECT words FROM job_notes WHERE job_id = :id ORDER BY at', { id: job.id }),
      ),
    ).toEqual([{ words: 'Bring the 15 kW label' }, { words: 'Bring both labels' }, { words: '' }]);
  });

  test('someone who left minutes ago is no longer shown; a note for a missing job is refused', async () => {
    const job = await make();
    const [lead, technician] = [await cookieOf('lead', 'Rosalind'), await cookieOf('technician', 'Emeric')];
    await beOnJob(ask(lead, { here: true }), at(job.id));
    await inCrew(TEST_CREW, () =>
      database().query("UPDATE presence SET seen_at = now() - interval '4 minutes' WHERE job_id = :id", {
        replacements: { id: job.id },
      }),
    );
    expect((await (await beOnJob(ask(technician, { here: true }), at(job.id))).json()).others).toEqual([]);
    expect((await leaveNote(ask(lead, { words: 'x' }), at(randomUUID()))).status).toBe(404);
    expect((await leaveNote(ask(lead, { words: 'x'.repeat(501) }), at(job.id))).status).toBe(400);
  });
});

describe('defaults of new jobs', () => {
  test('are set by the lead, apply to new jobs, and are never overwritten unseen', async () => {
    const lead = await cookieOf('lead', 'Rosalind');
    const technician = await cookieOf('technician', 'Emeric');
    const base = await (await readDefaults(ask(technician), {})).json();
    const next = {
      facts: { 'prices.electricPerKWh': 0.22, 'schools.minimumOff': 2, 'cables.outdoorConductors': 8 },
      instruments: [{ name: 'Clamp 1', calibratedUntil: '2027-03-01' }],
    };
    const decide = (body: object, cookie = lead) => decideDefaults(ask(cookie, body, 'PUT'), {});
    expect((await decide({ base, next }, technician)).status).toBe(403);
    expect((await decide({ base, next: { ...next, facts: { 'site.town': 'X' } } })).status).toBe(400);
    expect(
      (await decide({ base, next: { ...next, instruments: [{ name: 'C', calibratedUntil: '2026-02-30' }] } })).status,
    ).toBe(400);
    expect((await decide({ base, next })).status).toBe(200);
    const stale = await decide({ base, next: { ...next, instruments: [] } });
    expect([stale.status, (await stale.json()).now]).toEqual([409, next]);

    const made = await createJob(ask(technician, { id: randomUUID(), from: 'blank', name: 'New' }), {});
    const { document } = await made.json();
    expect([document.facts.prices.electricPerKWh, document.facts.schools.minimumOff]).toEqual([0.22, 2]);
    expect(document.facts.cables.outdoorConductors).toBe(8);
    expect(document.confirmed.sort()).toEqual(['prices.electricPerKWh', 'schools.minimumOff', 'site.jobName']);
    await decide({ base: next, next: base });
  });
});

const ownCrew = async () => {
  const scope = await makeCrew();
  const handle = `crew-${randomUUID().slice(0, 8)}`;
  await nameCrew(scope, handle, handle);
  const { id } = await addPerson(scope, { name: 'Otto Fremd', role: 'lead' });
  const token = await beginSession(scope, id);
  await inCrew(scope, () => insertJob(randomUUID(), blankJob(), NO_HISTORY, null, 'Otto'));
  return { scope, handle, token, cookie: `${SESSION_COOKIE}=${token}` };
};

describe('deleting a crew', () => {
  const pass = (id: string) =>
    ownerDatabase().transaction(async (transaction) => {
      const within = { transaction, replacements: { id } };
      await ownerDatabase().query("SELECT set_config('app.crew', :id, true)", within);
      await ownerDatabase().query("UPDATE crews SET delete_after = now() - interval '1 s' WHERE id = :id", within);
    });

  test('asks for its name, takes thirty days, and can be canceled', async () => {
    const { handle, token, cookie } = await ownCrew();
    expect((await closeCrew(ask(cookie, { action: 'close', handle: 'another' }), {})).status).toBe(400);
    const { deleteAfter } = await (await closeCrew(ask(cookie, { action: 'close', handle }), {})).json();
    const days = (Date.parse(deleteAfter) - Date.now()) / 86_400_000;
    expect(days).toBeGreaterThan(29.9);
    expect(days).toBeLessThan(30.1);
    expect((await principalByToken(token))!.crewEnds).toBe(deleteAfter);
    await closeCrew(ask(cookie, { action: 'keep' }), {});
    expect((await principalByToken(token))!.crewEnds).toBeNull();
  });

  test('blocks sign-in when the time is up, then deletes everything of the crew and nothing else', async () => {
    const gone = await ownCrew();
    const stays = await ownCrew();
    await closeCrew(ask(gone.cookie, { action: 'close', handle: gone.handle }), {});
    expect(await sweepCrews()).not.toContain(gone.handle);
    await pass(gone.scope.crewId);
    expect(await principalByToken(gone.token)).toBeNull();
    expect(await crewByHandle(gone.handle)).toBeNull();
    expect(await sweepCrews()).toEqual([gone.handle]);
    const count = (id: string) =>
      ownerDatabase().transaction(async (transaction) => {
        await ownerDatabase().query("SELECT set_config('app.crew', :id, true)", { transaction, replacements: { id } });
        const [[row]] = await ownerDatabase().query(
          `SELECT (SELECT count(*)::int FROM jobs WHERE crew_id = :id) AS jobs,
                  (SELECT count(*)::int FROM people WHERE crew_id = :id) AS people,
                  (SELECT count(*)::int FROM crews WHERE id = :id) AS crews`,
          { transaction, replacements: { id } },
        );
        return row;
      });
    expect(await count(gone.scope.crewId)).toEqual({ jobs: 0, people: 0, crews: 0 });
    expect(await count(stays.scope.crewId)).toEqual({ jobs: 1, people: 1, crews: 1 });
    const [{ forced }] = (await select(
      "SELECT relforcerowsecurity AS forced FROM pg_class WHERE relname = 'crews'",
    )) as [{ forced: boolean }];
    expect(forced).toBe(true);
  });
});

test('a person who left can be erased; readings keep the name', async () => {
  const { scope, cookie } = await ownCrew();
  const person = await addPerson(scope, { name: 'Gone Soon', role: 'technician' });
  const act = async (action: string) => (await changePerson(ask(cookie, { action }), at(person.id))).status;
  expect(await act('forget')).toBe(409);
  expect([await act('let-go'), await act('link'), await act('forget'), await act('forget')]).toEqual([
    200, 404, 200, 404,
  ]);
  expect((await listPeople(scope)).map(({ name }) => name)).toEqual(['Otto Fremd']);
});
