import { randomUUID } from 'node:crypto';
import { CREW_HEADER, PERSON_HEADER } from '@/core/access/entered-by';
import { SIGNED_OUT_COOKIE } from '@/core/access/signed-out';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { crewLineText, parseCrewLine } from '@/core/formats/crew-file';
import { parseJobFileText, toJobFile } from '@/core/formats/job-file';
import { JOB_FILE_MOST } from '@/core/formats/job-file-limit';
import { lastRecord } from '@/core/handover/last-record';
import type { KeptHandover } from '@/core/handover/record-schema';
import type { StoredJob } from '@/core/job/stored-job';
import { SESSION_COOKIE } from '@/server/access/session-cookie';
import { bringCrew } from '@/server/bring-crew';
import { type CrewScope, inCrew, isFirstStart } from '@/server/crew';
import { closeDatabase, database, ownerDatabase, select } from '@/server/database';
import { deleteCrew } from '@/server/delete-crew';
import { isReady, readiness } from '@/server/health';
import { makeCrew } from '@/server/make-crew';
import { models } from '@/server/models';
import { audit } from '@/server/repositories/audit';
import { crewFile } from '@/server/repositories/crew-file';
import { nameCrew } from '@/server/repositories/crews';
import { handoversOf } from '@/server/repositories/handovers';
import { addHistory } from '@/server/repositories/history';
import { invite } from '@/server/repositories/invitations';
import { getJob } from '@/server/repositories/jobs';
import { addPerson } from '@/server/repositories/people';
import { addPlayed, everyRound } from '@/server/repositories/practice';
import { beginSession } from '@/server/repositories/sessions';
import { makeShare, openShare } from '@/server/repositories/shares';
import { make, reading, TEST_CREW } from '@/server/repositories/test-jobs';
import { addWeather, listWeather } from '@/server/repositories/weather';
import { GET as takeAuditAway } from './audit.csv/route';
import { POST as firstStart } from './first-start/route';
import { GET as getFile } from './jobs/[jobId]/file/route';
import { POST as move } from './jobs/[jobId]/move/route';
import { POST as addReadings } from './jobs/[jobId]/readings/route';
import { PATCH as saveJob } from './jobs/[jobId]/route';
import { POST as addMarks } from './jobs/[jobId]/setting-marks/route';
import { PUT as putVisit } from './jobs/[jobId]/visits/route';
import { POST as importJob } from './jobs/import/route';
import { GET as listJobs, POST as createJob } from './jobs/route';
import { POST as join } from './join/route';
import { POST as keepPractice } from './practice/route';
import { POST as signIn } from './sign-in/route';
import { POST as signOut } from './sign-out/route';

afterAll(closeDatabase);

interface Asked {
  readonly cookie?: string;
  readonly method?: string;
  readonly query?: string;
  readonly headers?: Record<string, string>;
}

const ask = (body?: unknown, { cookie = '', method, query = '', headers = {} }: Asked = {}) =>
  new Request(`http://localhost/${query}`, {
    method: method ?? (body === undefined ? 'GET' : 'POST'),
    headers: { host: 'localhost', 'content-type': 'application/json', cookie, ...headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
const at = (jobId: string) => ({ params: Promise.resolve({ jobId }) });

const auditOf = (scope: CrewScope, subject: string) =>
  inCrew(scope, () =>
    select<{ person: string; did: string }>('SELECT person, did FROM audit WHERE subject = :subject ORDER BY id', {
      subject,
    }),
  );

/** A separate crew with a signed-in crew lead. */
const crewWithLead = async (name = 'Otto Fremd') => {
  const scope = await makeCrew();
  const handle = `crew-${randomUUID().slice(0, 8)}`;
  await nameCrew(scope, handle, handle);
  const lead = await addPerson(scope, { name, role: 'lead' });
  return { scope, handle, lead, cookie: `${SESSION_COOKIE}=${await beginSession(scope, lead.id)}` };
};

const newReading = (change: object = {}) => {
  const { visit: _, origin: __, ...rest } = reading({ at: new Date(Date.now() - 60_000).toISOString() });
  return { ...rest, id: randomUUID(), ...change };
};

describe('unsent entries of another person on the same device', () => {
  test('are not sent as the person now signed in, of the same crew or another', async () => {
    const [ana, bo] = [await crewWithLead('Ana'), await crewWithLead('Bo')];
    const byAna = { [PERSON_HEADER]: ana.lead.id, [CREW_HEADER]: ana.scope.crewId };
    const id = randomUUID();
    const begin = (cookie: string, headers: Record<string, string>) =>
      createJob(ask({ id, from: 'blank', name: 'Attic' }, { cookie, headers }), {});
    const refused = await begin(bo.cookie, byAna);
    expect([refused.status, (await refused.json()).error]).toEqual([401, expect.stringMatching(/^Someone else/)]);
    const colleague = `${SESSION_COOKIE}=${await beginSession(ana.scope, (await addPerson(ana.scope, { name: 'Cy', role: 'reader' })).id)}`;
    // Before any check of rights: waiting entries are not refused for good because a viewer is signed in.
    expect((await begin(colleague, byAna)).status).toBe(401);
    expect([await getJob(bo.scope, id), await getJob(ana.scope, id)]).toEqual([null, null]);
    expect((await begin(ana.cookie, byAna)).status).toBe(201);
    // An older version names no one, or only the person.
    expect((await begin(ana.cookie, {})).status).toBe(200);
    expect((await begin(bo.cookie, { [PERSON_HEADER]: ana.lead.id })).status).toBe(401);
  });

  test('after signing out offline, the device’s session opens nothing; the server ends it when it hears', async () => {
    const { cookie } = await crewWithLead();
    const left = `${cookie}; ${SIGNED_OUT_COOKIE}=here`;
    expect((await listJobs(ask(undefined, { cookie: left }), {})).status).toBe(401);
    expect((await listJobs(ask(undefined, { cookie }), {})).status).toBe(200);
    const answer = await signOut(ask({ everywhere: false }, { cookie: left }));
    expect([answer.status, answer.headers.getSetCookie().every((each) => each.includes('Max-Age=0'))]).toEqual([
      200,
      true,
    ]);
    expect((await listJobs(ask(undefined, { cookie }), {})).status).toBe(401);
    // Signing out removes the cookie, with an expired session or none.
    for (const none of [cookie, ''])
      expect((await signOut(ask({ everywhere: true }, { cookie: none }))).status).toBe(200);
  });
});

describe('a job file', () => {
  const record = async (job: StoredJob): Promise<KeptHandover> => ({
    id: randomUUID(),
    handedOverAt: '2031-01-01T00:00:00.000Z',
    author: 'The Boss',
    coreVersion: 'forged',
    record: lastRecord(job, DEFAULT_MOMENT),
  });
  const bring = (text: unknown, copyId: string, cookie: string) =>
    importJob(ask(text, { cookie, query: `?copyId=${copyId}` }), {});

  test('with both ids taken is refused, and nothing is added to the job that has one of them', async () => {
    const { scope, cookie } = await crewWithLead();
    const [victim, own] = [randomUUID(), randomUUID()];
    for (const id of [victim, own]) await createJob(ask({ id, from: 'blank', name: id }, { cookie }), {});
    const job = (await getJob(scope, own))!;
    const forged = { ...toJobFile(own, job.document, job, null, [await record(job)]), readings: [newReading()] };
    const answer = await bring(forged, victim, cookie);
    expect([answer.status, (await answer.json()).error]).toEqual([409, expect.stringMatching(/nothing was imported/)]);
    for (const id of [victim, own]) {
      expect(await handoversOf(scope, id)).toEqual([]);
      expect((await getJob(scope, id))!.readings).toEqual([]);
    }
  });

  test('states who imported its records and that nobody here signed them', async () => {
    const { scope, cookie } = await crewWithLead('Ada Lead');
    const blank = randomUUID();
    const name = `forged ${blank}`;
    await createJob(ask({ id: blank, from: 'blank', name }, { cookie }), {});
    const job = (await getJob(scope, blank))!;
    const secret = { ...(await record(job)), record: { ...lastRecord(job, DEFAULT_MOMENT), homeowner: [] } };
    const file = toJobFile(randomUUID(), job.document, job, '2031-01-01T00:00:00.000Z', [secret]);
    const { id } = await (await bring(file, randomUUID(), cookie)).json();
    const [kept] = await handoversOf(scope, id);
    expect(kept!.imported).toMatchObject({ by: 'Ada Lead', from: `Job file “${name}”` });
    const stored = (await getJob(scope, id))!;
    // Nothing is signed in the future.
    for (const time of [kept!.handedOverAt, stored.handedOverAt!])
      expect(Date.parse(time)).toBeLessThanOrEqual(Date.now());
    expect(lastRecord(stored, DEFAULT_MOMENT).imported).toMatch(/imported by Ada Lead/);
    expect(await auditOf(scope, name)).toContainEqual({ person: 'Ada Lead', did: 'imported' });
    // The homeowner link shows no record that was not signed here.
    const shared = await openShare((await makeShare(scope, id, 30, 'Ada Lead'))!);
    expect(shared!.paragraphs.length).toBeGreaterThan(0);
    const { jobs } = await (await listJobs(ask(undefined, { cookie, query: `?words=${blank}` }), {})).json();
    expect(jobs.find((each: { id: string }) => each.id === id)).toMatchObject({ isSignedElsewhere: true });
    // Exported and imported again, it still says so.
    const again = await (await getFile(ask(undefined, { cookie }), at(id))).json();
    expect(again.handovers[0].imported.by).toBe('Ada Lead');
  });

  test('with 5,200 readings and 101 records is exported and imported whole; a larger one is refused up front', async () => {
    const { scope, cookie } = await crewWithLead();
    const id = randomUUID();
    await createJob(ask({ id, from: 'blank', name: 'long kept' }, { cookie }), {});
    const visit = {
      id: randomUUID(),
      reason: 'new',
      began: '2026-01-05T12:00:00.000Z',
      ended: null,
      author: 'a',
    } as const;
    const many = (count: number) => Array.from({ length: count }, () => reading({ visit: visit.id }));
    await inCrew(scope, () => addHistory(id, { visits: [visit], readings: many(5200) }));
    const job = (await getJob(scope, id))!;
    const one = await record(job);
    await inCrew(scope, () =>
      models().HandoverRow.bulkCreate(
        Array.from({ length: 101 }, () => ({
          ...one,
          handedOverAt: new Date('2026-01-06T00:00:00Z'),
          id: randomUUID(),
          jobId: id,
          importedAt: null,
          importedBy: null,
          importedFrom: null,
        })),
      ),
    );
    const text = await (await getFile(ask(undefined, { cookie }), at(id))).text();
    const brought = await (await bring(text, randomUUID(), cookie)).json();
    const copy = (await getJob(scope, brought.id))!;
    expect([copy.readings.length, (await handoversOf(scope, brought.id)).length]).toEqual([5200, 101]);

    await inCrew(scope, () => addHistory(id, { readings: many(JOB_FILE_MOST.readings - 5200) }));
    const answer = await addReadings(ask({ readings: [newReading()] }, { cookie }), at(id));
    expect([answer.status, (await answer.json()).error]).toEqual([409, expect.stringMatching(/^This job is full/)]);
    expect((await getJob(scope, id))!.readings).toHaveLength(JOB_FILE_MOST.readings);
    const full = await (await getFile(ask(undefined, { cookie }), at(id))).text();
    expect(parseJobFileText(full)).toMatchObject({ ok: true });
  }, 60_000);
});

describe('no crew is special', () => {
  const start = (crew: string) => firstStart(ask({ crew, name: 'Ida Ridge', password: 'four cold mornings' }));

  test('with any named crew there is no first start, even if the first crew was never named', async () => {
    const { scope } = await crewWithLead();
    expect(await isFirstStart()).toBe(false);
    expect((await start('Squatters')).status).toBe(409);
    await deleteCrew(scope.crewId);
  });

  test('with the first crew deleted, sign-in and everything else still work; with none left, the next visitor sets up', async () => {
    const owner = ownerDatabase();
    const ids = await owner.transaction(async (transaction) => {
      await owner.query('ALTER TABLE crews NO FORCE ROW LEVEL SECURITY', { transaction });
      const [rows] = await owner.query('SELECT id FROM crews', { transaction });
      await owner.query('ALTER TABLE crews FORCE ROW LEVEL SECURITY', { transaction });
      return (rows as { id: string }[]).map(({ id }) => id);
    });
    try {
      const { scope, cookie } = await crewWithLead();
      for (const id of ids) await deleteCrew(id);
      expect(await isFirstStart()).toBe(false);
      expect(isReady(await readiness())).toBe(true);
      expect((await listJobs(ask(undefined, { cookie }), {})).status).toBe(200);
      await deleteCrew(scope.crewId);
      expect([await isFirstStart(), isReady(await readiness())]).toEqual([true, true]);
      const answers = await Promise.all([start('One Heat'), start('Other Heat')]);
      expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
      expect(await isFirstStart()).toBe(false);
    } finally {
      // Other tests use the crew of an empty database: the oldest one.
      await owner.transaction(async (transaction) => {
        await owner.query(`SELECT set_config('app.crew', '${TEST_CREW.crewId}', true)`, { transaction });
        await owner.query(
          `INSERT INTO crews (id, name, created_at) VALUES ('${TEST_CREW.crewId}', '', '2000-01-01') ON CONFLICT DO NOTHING`,
          { transaction },
        );
      });
    }
  });
});

describe('a clock that was ahead', () => {
  const AHEAD = '2031-06-01T08:00:00.000Z';

  test('starts no visit that stays the last; a handover covers today’s readings', async () => {
    const { scope, cookie } = await crewWithLead();
    const id = randomUUID();
    await createJob(ask({ id, from: 'blank', name: 'ahead' }, { cookie }), {});
    const visit = { id: randomUUID(), reason: 'new', began: AHEAD, ended: null, author: 'a' };
    const ahead = newReading({ at: AHEAD, visit: visit.id, value: 24 });
    expect((await addReadings(ask({ readings: [ahead], visits: [visit] }, { cookie }), at(id))).status).toBe(201);
    const put = { ...visit, began: AHEAD, reason: 'call-back' };
    expect((await putVisit(ask({ visit: put }, { cookie, method: 'PUT' }), at(id))).status).toBe(200);
    const today = newReading({ value: 41, at: new Date().toISOString() });
    expect((await addReadings(ask({ readings: [today] }, { cookie }), at(id))).status).toBe(201);
    const job = (await getJob(scope, id))!;
    for (const { began } of job.visits) expect(Date.parse(began)).toBeLessThanOrEqual(Date.now());
    for (const each of job.readings) expect(Date.parse(each.at)).toBeLessThanOrEqual(Date.now());
    const printed = lastRecord(job, DEFAULT_MOMENT);
    expect(JSON.stringify(printed.steps)).toContain('41');
    const body = { action: 'hand-over', revision: job.revision, printed };
    expect((await move(ask(body, { cookie }), at(id))).status).toBe(200);
  });

  test('readings that an older version accepted from it count from when they arrived', async () => {
    const { scope, cookie } = await crewWithLead();
    const id = randomUUID();
    await createJob(ask({ id, from: 'blank', name: 'spoiled' }, { cookie }), {});
    const visit = { id: randomUUID(), reason: 'new', began: AHEAD, ended: null, author: 'a' } as const;
    await inCrew(scope, () => addHistory(id, { visits: [visit], readings: [reading({ visit: visit.id, at: AHEAD })] }));
    const [old] = (await getJob(scope, id))!.readings;
    expect(Date.parse(old!.at)).toBeLessThanOrEqual(Date.now());
  });
});

describe('signing in', () => {
  const PASSWORD = 'wet leaves on the coil';
  const someone = async () => {
    const crew = await crewWithLead();
    const person = await addPerson(crew.scope, { name: 'Ana Wachs', role: 'lead' });
    const answer = await join(ask({ token: await invite(crew.scope, person.id), password: PASSWORD }));
    const cookies = answer.headers.getSetCookie().map((each) => each.split(';')[0]!);
    return { name: `ana-wachs@${crew.handle}`, device: cookies.find((each) => each.startsWith('gate-cross-device='))! };
  };
  const tried = async (name: string, password: string, cookie = '') =>
    (await signIn(ask({ name, password }, { cookie }))).status;

  test('of two hundred attempts at once, ten are checked', async () => {
    const { name } = await someone();
    const statuses = await Promise.all(
      Array.from({ length: 200 }, (_, at) => tried(name, at === 199 ? PASSWORD : `guess ${at}`)),
    );
    expect(statuses.filter((status) => status !== 429).length).toBeLessThanOrEqual(10);
  }, 60_000);

  test('a stranger’s attempts do not lock out a person on a known device, or anyone after a wait', async () => {
    const { name, device } = await someone();
    for (let attempt = 0; attempt < 12; attempt++) await tried(name, 'a guess');
    expect([await tried(name, PASSWORD), await tried(name, PASSWORD, device)]).toEqual([429, 200]);
    // Rejected attempts do not count: the wait ends though the attacker continues.
    await database()
      .query(`UPDATE sign_in_attempts SET at = at - interval '16 minutes' WHERE at > now() - interval '15 minutes'`)
      .catch(async () => ownerDatabase().query(`UPDATE sign_in_attempts SET at = at - interval '16 minutes'`));
    expect(await tried(name, PASSWORD)).toBe(200);
  });

  test('a device known to another person gives no advantage; a new password forgets all known devices', async () => {
    const [who, other] = [await someone(), await someone()];
    for (let attempt = 0; attempt < 10; attempt++) await tried(who.name, 'a guess', other.device);
    expect(await tried(who.name, PASSWORD, other.device)).toBe(429);
    for (let attempt = 0; attempt < 10; attempt++) await tried(who.name, 'a guess', who.device);
    expect(await tried(who.name, PASSWORD, who.device)).toBe(429);
  });
});

describe('signing a record', () => {
  const jobOf = async (scope: CrewScope, cookie: string) => {
    const id = randomUUID();
    await createJob(ask({ id, from: 'blank', name: `signed ${id}` }, { cookie }), {});
    await addReadings(ask({ readings: [newReading({ value: 24 })] }, { cookie }), at(id));
    return (await getJob(scope, id))!;
  };
  const sign = (job: StoredJob, cookie: string, printed: unknown = lastRecord(job, DEFAULT_MOMENT)) =>
    move(ask({ action: 'hand-over', revision: job.revision, ...(printed ? { printed } : {}) }, { cookie }), at(job.id));

  test('signs what was shown: a new reading or mark asks first, even at the same revision', async () => {
    const { scope, cookie } = await crewWithLead();
    const mark = {
      id: randomUUID(),
      at: new Date().toISOString(),
      author: 'Otto Fremd',
      controller: 'indoor',
      profile: 'toadflax-indoor',
      entry: 'unit/KIT',
      code: 'KIT',
      label: 'Heat kit',
      kind: 'left',
      value: '3',
      words: '9.6 kW',
    };
    for (const meanwhile of [
      (id: string) => addReadings(ask({ readings: [newReading({ value: -60 })] }, { cookie }), at(id)),
      (id: string) => addMarks(ask({ marks: [{ ...mark, id: randomUUID() }] }, { cookie }), at(id)),
    ]) {
      const seen = await jobOf(scope, cookie);
      expect((await meanwhile(seen.id)).status).toBe(201);
      expect([(await sign(seen, cookie)).status, await handoversOf(scope, seen.id)]).toEqual([409, []]);
      const now = (await getJob(scope, seen.id))!;
      expect(now.revision).toBe(seen.revision);
      expect((await sign(now, cookie)).status).toBe(200);
    }
  });

  test('sends the record along: a record that nobody was shown is not signed', async () => {
    const { scope, cookie } = await crewWithLead();
    const job = await jobOf(scope, cookie);
    expect((await sign(job, cookie, null)).status).toBe(409);
  });

  test('ten times makes one audit line; what arrives afterward is reported', async () => {
    const { scope, cookie } = await crewWithLead();
    const job = await jobOf(scope, cookie);
    for (let time = 0; time < 10; time++) expect((await sign(job, cookie)).status).toBe(200);
    for (let time = 0; time < 3; time++)
      expect((await move(ask({ action: 'archive' }, { cookie }), at(job.id))).status).toBe(200);
    await addReadings(ask({ readings: [newReading()] }, { cookie }), at(job.id));
    expect((await auditOf(scope, `signed ${job.id}`)).map(({ did }) => did)).toEqual([
      'handed over',
      'archived',
      'entered 1 after it was handed over',
    ]);
  });

  test('keeps who did a mark and who entered it', async () => {
    const { scope, cookie } = await crewWithLead('Otto Fremd');
    await addPerson(scope, { name: 'Ana Hand', role: 'apprentice' });
    const job = await jobOf(scope, cookie);
    const mark = {
      at: new Date().toISOString(),
      author: 'Ana Hand',
      controller: 'indoor',
      profile: 'p',
      entry: 'unit/KIT',
      code: 'KIT',
      label: 'Heat kit',
      kind: 'left',
      value: '3',
      words: '',
      enteredBy: 'The Boss',
    };
    await addMarks(ask({ marks: [{ ...mark, id: randomUUID() }] }, { cookie }), at(job.id));
    const [kept] = (await getJob(scope, job.id))!.settingMarks;
    expect([kept!.author, kept!.enteredBy]).toEqual(['Ana Hand', 'Otto Fremd']);
  });
});

describe('exports are complete', () => {
  test('the audit log, every year of a crew and every practice round, and all of it can be imported again', async () => {
    const { scope, cookie, lead } = await crewWithLead();
    for (let line = 0; line < 620; line++) await audit(scope, 'Otto Fremd', 'did', `thing ${line}`);
    const csv = await (await takeAuditAway(ask(undefined, { cookie }), {})).text();
    expect(csv.trim().split('\r\n')).toHaveLength(621);
    const year = { hoursF: Array.from({ length: 8760 }, () => 40), humidity: null, filled: 0, author: 'a' };
    for (let at = 0; at < 203; at++) await addWeather(scope, { ...year, id: randomUUID(), name: `Year ${at}` });
    const played = {
      round: 'r',
      seed: 1,
      isEndless: false,
      title: 't',
      result: 'found',
      seconds: 5,
      bestSeconds: 3,
      readings: 5,
      bestReadings: 3,
      toldNothing: 0,
    } as const;
    for (let at = 0; at < 3; at++)
      await addPlayed(scope, lead.id, { ...played, id: randomUUID(), at: `2026-01-0${at + 1}T00:00:00.000Z` });
    const lines: string[] = [];
    for await (const line of crewFile(scope)) lines.push(line);
    expect(lines.filter((line) => line.startsWith('{"kind":"weather"'))).toHaveLength(203);
    async function* each() {
      yield* lines;
    }
    const brought = await bringCrew(each(), `again-${randomUUID().slice(0, 8)}`);
    expect([(await listWeather(brought.scope)).length, (await everyRound(brought.scope)).length]).toEqual([203, 3]);
    await deleteCrew(brought.scope.crewId);
  }, 120_000);
});

describe('small openings', () => {
  test.each(['constructor', 'toString', '__proto__', 'hasOwnProperty'])(
    'an unknown kind, %s, does not exist',
    (kind) => {
      expect(parseCrewLine(crewLineText({ kind } as never))).toMatchObject({ ok: false, path: 'kind' });
    },
  );

  test('a malformed list cursor and a time outside the database’s range are refused as such', async () => {
    const { cookie } = await crewWithLead();
    for (const after of [
      `changed:2026-13-45T99:99:99.000Z:${randomUUID()}`,
      `changed:2026-01-05T12:00:00.000Z:${'-'.repeat(36)}`,
      `name:x:${'f'.repeat(36)}`,
    ]) {
      const sort = after.startsWith('name') ? '&sort=name' : '';
      const query = `?after=${encodeURIComponent(after)}${sort}`;
      expect([after, (await listJobs(ask(undefined, { cookie, query }), {})).status]).toEqual([after, 400]);
    }
    const played = { id: randomUUID(), round: 'r', seed: 1, isEndless: false, title: 't', at: '2026-01-01T00:00:00Z' };
    const counts = { result: 'found', bestSeconds: 1, readings: 1, bestReadings: 1, toldNothing: 0 };
    const sent = (seconds: number) => keepPractice(ask({ ...played, ...counts, seconds }, { cookie }), {});
    expect([(await sent(5e-324)).status, (await sent(0)).status]).toEqual([400, 201]);
  });

  test('unknown keys are refused, not ignored', async () => {
    const { scope, cookie } = await crewWithLead();
    const job = await make();
    const own = randomUUID();
    await createJob(ask({ id: own, from: 'blank' }, { cookie }), {});
    const save = { saveId: randomUUID(), baseRevision: 1, changes: [{ path: 'house.noLoadF', value: 62 }] };
    const wrong = [
      await createJob(ask({ id: randomUUID(), from: 'blank', isLead: true }, { cookie }), {}),
      await saveJob(ask({ ...save, crewId: TEST_CREW.crewId }, { cookie, method: 'PATCH' }), at(own)),
      await saveJob(ask({ ...save, changes: [{ ...save.changes[0], by: 'x' }] }, { cookie, method: 'PATCH' }), at(own)),
      await move(ask({ action: 'archive', at: '2031' }, { cookie }), at(own)),
      await addReadings(ask({ readings: [newReading()], role: 'lead' }, { cookie }), at(own)),
      await signIn(ask({ name: 'a@b', password: 'x', role: 'lead' })),
    ];
    expect(wrong.map(({ status }) => status)).toEqual(wrong.map(() => 400));
    expect([(await getJob(scope, own))!.revision, job.revision]).toEqual([1, 1]);
  });

  test('an untrusted proxy header does not make a connection or a cookie secure', async () => {
    const headers = { 'x-forwarded-proto': 'https', host: 'gate.example' };
    const answer = await signIn(ask({ name: 'a@b', password: 'x' }, { headers }));
    expect([answer.status, answer.headers.getSetCookie()]).toEqual([403, []]);
  });
});
