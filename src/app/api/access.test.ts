import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join, sep } from 'node:path';
import { may } from '@/core/access/may';
import { type Role, ROLES } from '@/core/access/role';
import { ACKNOWLEDGED_ITEM } from '@/core/startup/shut-off';
import { SESSION_COOKIE } from '@/server/access/session-cookie';
import { type CrewScope, inCrew } from '@/server/crew';
import { closeDatabase, database, ownerDatabase } from '@/server/database';
import type { Ruled } from '@/server/http/respond';
import { cookieOf } from '@/server/http/test-request';
import { makeCrew } from '@/server/make-crew';
import { models } from '@/server/models';
import { nameCrew } from '@/server/repositories/crews';
import { invite } from '@/server/repositories/invitations';
import { addPerson } from '@/server/repositories/people';
import { beginSession } from '@/server/repositories/sessions';
import { openShare } from '@/server/repositories/shares';
import { make, TEST_CREW } from '@/server/repositories/test-jobs';
import { addWeather } from '@/server/repositories/weather';
import { GET as takeAway } from './crew/file/route';
import { POST as firstStart } from './first-start/route';
import { POST as addReadings } from './jobs/[jobId]/readings/route';
import { GET as getJob } from './jobs/[jobId]/route';
import { DELETE as endShare, GET as listShares, POST as makeShare } from './jobs/[jobId]/shares/route';
import { GET as listJobs } from './jobs/route';
import { POST as join_ } from './join/route';
import { POST as changePerson } from './people/[personId]/route';
import { GET as listPeople, POST as invitePerson } from './people/route';
import { POST as signInToDemo } from './sign-in/demo/route';
import { POST as signIn } from './sign-in/route';
import { POST as signOut } from './sign-out/route';
import { GET as listWeather } from './weather/route';

afterAll(closeDatabase);

type Handler = ((request: Request, context: unknown) => Promise<Response>) & Ruled;
const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
const roles = Object.keys(ROLES) as Role[];

/** Every route, found on disk. */
const routes = readdirSync(__dirname, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith(`${sep}route.ts`))
  .flatMap((file) => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    const module = require(join(__dirname, file)) as Partial<Record<string, Handler>>;
    return METHODS.flatMap((method) =>
      module[method] ? [[`${method} ${file}`, method, module[method]] as const] : [],
    );
  });

const ask = (method: string, cookie = '', body?: unknown, host = 'localhost') =>
  new Request(`http://${host}/?fact=house.noLoadF`, {
    method,
    headers: { cookie, host, 'content-type': 'application/json' },
    ...(method === 'GET' ? {} : { body: JSON.stringify(body ?? {}) }),
  });
const at = (id: string) => ({
  params: Promise.resolve({ jobId: id, profileId: id, weatherId: id, personId: id }),
});

/** A separate crew with a crew lead. */
const otherCrew = async (): Promise<{ scope: CrewScope; cookie: string; handle: string }> => {
  const scope = await makeCrew();
  const handle = `crew-${randomUUID().slice(0, 8)}`;
  await nameCrew(scope, handle, handle);
  const { id } = await addPerson(scope, { name: 'Otto Fremd', role: 'lead' });
  return { scope, handle, cookie: `${SESSION_COOKIE}=${await beginSession(scope, id)}` };
};

describe('every route has a rule and enforces it', () => {
  test('the number of routes is known', () => expect(routes.length).toBeGreaterThanOrEqual(25));

  test.each(routes)('%s', async (_, method, handler) => {
    if (handler.rule === 'anyone') return;
    const rule = handler.rule;
    const nobody = await handler(ask(method), at(randomUUID()));
    const made_up = await handler(ask(method, `${SESSION_COOKIE}=${'a'.repeat(43)}`), at(randomUUID()));
    expect([nobody.status, made_up.status]).toEqual([401, 401]);
    for (const role of roles) {
      const { status } = await handler(ask(method, await cookieOf(role)), at(randomUUID()));
      const isHeld = status === 401 || status === 403;
      expect([role, isHeld]).toEqual([role, !may({ role }, rule)]);
    }
  });

  test('only routes that let people in, or reveal nothing, are open', () => {
    const open = routes.filter(([, , { rule }]) => rule === 'anyone').map(([name]) => name);
    expect(open.sort()).toEqual([
      'GET health/route.ts',
      'GET ready/route.ts',
      'POST first-start/route.ts',
      'POST join/route.ts',
      'POST sign-in/demo/route.ts',
      'POST sign-in/route.ts',
      'POST sign-out/route.ts',
    ]);
  });
});

describe('one crew sees nothing of another', () => {
  test('by job id, on any route, or in its lists', async () => {
    const job = await make();
    const { cookie } = await otherCrew();
    for (const [name, method, handler] of routes.filter(([file]) => file.includes('[jobId]'))) {
      const { status } = await handler(ask(method, cookie), at(job.id));
      // An invalid body is refused before any lookup.
      if (method === 'GET') expect([name, status]).toEqual([name, 404]);
      else expect([name, [400, 404].includes(status)]).toEqual([name, true]);
    }
    const { jobs } = await (await listJobs(ask('GET', cookie), {})).json();
    const { people } = await (await listPeople(ask('GET', cookie), {})).json();
    const everything = await (await takeAway(ask('GET', cookie), {})).text();
    expect(everything).not.toContain(job.id);
    expect(everything.trim().split('\n').length).toBe(4);
    expect([jobs, people.map(({ name }: { name: string }) => name)]).toEqual([[], ['Otto Fremd']]);
  });

  test('by the id of its weather or its controllers: not read, moved or listed', async () => {
    const weather = await addWeather(TEST_CREW, {
      id: randomUUID(),
      name: 'Cove Point',
      hoursF: Array.from({ length: 8760 }, () => 40),
      humidity: null,
      filled: 0,
      author: 'tester',
    });
    const { cookie } = await otherCrew();
    for (const [name, method, handler] of routes.filter(([file]) => /\[(weatherId|profileId)\]/.test(file))) {
      const body = name.includes('move') ? { action: 'delete' } : undefined;
      expect([name, (await handler(ask(method, cookie, body), at(weather.id))).status]).toEqual([name, 404]);
    }
    const { weather: listed } = await (await listWeather(ask('GET', cookie), {})).json();
    expect(listed).toEqual([]);
  });

  test('with the application’s own checks removed, the database alone keeps crews apart', async () => {
    const job = await make();
    const { scope } = await otherCrew();
    const seen = await inCrew(scope, async () => [
      await models().JobRow.count(),
      (await database().query(`SELECT 1 FROM people WHERE crew_id = '${TEST_CREW.crewId}'`))[0].length,
      (await database().query(`UPDATE jobs SET name = 'taken' WHERE id = '${job.id}' RETURNING id`))[0].length,
    ]);
    expect(seen).toEqual([0, 0, 0]);
    await expect(
      inCrew(scope, () =>
        database().query(
          `INSERT INTO audit (crew_id, person, did, subject) VALUES ('${TEST_CREW.crewId}', 'x', 'x', 'x')`,
        ),
      ),
    ).rejects.toThrow(/row-level security/);
  });

  test('a person of another crew does not exist here, even for a lead', async () => {
    const { id } = await addPerson(TEST_CREW, { name: 'Ours', role: 'technician' });
    const { cookie } = await otherCrew();
    const answer = await changePerson(ask('POST', cookie, { action: 'let-go' }), at(id));
    expect(answer.status).toBe(404);
  });
});

describe('signing in', () => {
  const PASSWORD = 'wet leaves on the coil';

  const someone = async (role: Role = 'technician') => {
    const crew = await otherCrew();
    const person = await addPerson(crew.scope, { name: 'Ana Wachs', role });
    const token = await invite(crew.scope, person.id);
    return { ...crew, person, token, name: `ana-wachs@${crew.handle}` };
  };
  const joined = async (role?: Role) => {
    const who = await someone(role);
    const answer = await join_(ask('POST', '', { token: who.token, password: PASSWORD }));
    expect(answer.status).toBe(200);
    return { ...who, cookie: answer.headers.get('set-cookie')!.split(';')[0]! };
  };
  const tried = async (name: string, password: string, host?: string) => {
    const answer = await signIn(ask('POST', '', { name, password }, host));
    return { status: answer.status, cookie: answer.headers.get('set-cookie'), said: await answer.json() };
  };

  test('a link works once, for its person only; the cookie is readable by the server only', async () => {
    const who = await someone();
    const answer = await join_(ask('POST', '', { token: who.token, password: PASSWORD }));
    expect(answer.headers.get('set-cookie')).toMatch(/^gate-cross-session=[\w-]{43}; Path=\/; HttpOnly; SameSite=Lax;/);
    expect((await join_(ask('POST', '', { token: who.token, password: PASSWORD }))).status).toBe(410);
    expect((await tried(who.name, PASSWORD)).status).toBe(200);
  });

  test.each(['short', 'passwordpassword', '1234567890', 'ana wachs 1'])('“%s” is not accepted', async (password) => {
    const who = await someone();
    const answer = await join_(ask('POST', '', { token: who.token, password }));
    expect([answer.status, (await answer.json()).path]).toEqual([400, 'password']);
    expect((await join_(ask('POST', '', { token: who.token, password: PASSWORD }))).status).toBe(200);
  });

  test('an unknown name, an unknown crew and a wrong password get the same answer', async () => {
    const who = await joined();
    const answers = await Promise.all(
      [who.name, `nobody@${who.handle}`, 'ana-wachs@no-such-crew', 'no name at all'].map((name) =>
        tried(name, 'not the password'),
      ),
    );
    expect(new Set(answers.map(({ status, said }) => `${status} ${said.error}`)).size).toBe(1);
    expect(answers[0]).toMatchObject({ status: 401, cookie: null });
  });

  test('after ten failed attempts even the right password is refused; nobody else is locked out', async () => {
    const [who, other] = [await joined(), await joined()];
    for (let attempt = 0; attempt < 10; attempt++) expect((await tried(who.name, 'a guess')).status).toBe(401);
    expect((await tried(who.name, PASSWORD)).status).toBe(429);
    expect((await tried(other.name, PASSWORD)).status).toBe(200);
  });

  test('behind a proxy, fifty failed attempts from one address block that address and nobody else', async () => {
    process.env.TRUST_PROXY = 'yes';
    try {
      const who = await joined();
      const [address, other] = [randomUUID(), randomUUID()];
      const from = (source: string, name: string, password: string) => {
        const request = ask('POST', '', { name, password });
        request.headers.set('x-forwarded-for', `203.0.113.9, ${source}`);
        return signIn(request);
      };
      for (let attempt = 0; attempt < 50; attempt++)
        expect((await from(address, `nobody-${attempt}@${who.handle}`, 'a guess')).status).toBe(401);
      expect((await from(address, who.name, PASSWORD)).status).toBe(429);
      expect((await from(other, who.name, PASSWORD)).status).toBe(200);
    } finally {
      delete process.env.TRUST_PROXY;
    }
  });

  test('no password is accepted over an unencrypted connection', async () => {
    const who = await joined();
    const plain = await tried(who.name, PASSWORD, 'gate.example');
    expect([plain.status, plain.said.error]).toEqual([403, expect.stringContaining('TRUST_PROXY=yes')]);
  });

  test('each sign-in starts its own session; a session cookie brought along is not adopted', async () => {
    const who = await joined();
    const brought = `${SESSION_COOKIE}=${'b'.repeat(43)}`;
    const answer = await signIn(ask('POST', brought, { name: who.name, password: PASSWORD }));
    expect(answer.headers.get('set-cookie')).not.toContain('b'.repeat(43));
    expect((await listJobs(ask('GET', brought), {})).status).toBe(401);
  });

  test('after signing out, here or everywhere, a cookie opens nothing; a removed person is out at once', async () => {
    const status = async (cookie: string) => (await listJobs(ask('GET', cookie), {})).status;
    const who = await joined();
    const [one, two] = [who.cookie, (await tried(who.name, PASSWORD)).cookie!.split(';')[0]!];
    expect([await status(one), await status(two)]).toEqual([200, 200]);
    await signOut(ask('POST', one, { everywhere: false }));
    expect([await status(one), await status(two)]).toEqual([401, 200]);
    const three = (await tried(who.name, PASSWORD)).cookie!.split(';')[0]!;
    await signOut(ask('POST', two, { everywhere: true }));
    expect([await status(two), await status(three)]).toEqual([401, 401]);
    const again = (await tried(who.name, PASSWORD)).cookie!.split(';')[0]!;
    const lead = `${SESSION_COOKIE}=${await beginSession(who.scope, (await addPerson(who.scope, { name: 'L', role: 'lead' })).id)}`;
    await changePerson(ask('POST', lead, { action: 'let-go' }), at(who.person.id));
    expect([await status(again), (await tried(who.name, PASSWORD)).status]).toEqual([401, 401]);
  });

  test('a session expires by age, and by disuse', async () => {
    const status = async (cookie: string) => (await listJobs(ask('GET', cookie), {})).status;
    const age = (scope: CrewScope, column: 'began_at' | 'seen_at', days: number) =>
      inCrew(scope, () => database().query(`UPDATE sessions SET ${column} = now() - interval '${days} days'`));
    const [idle, old] = [await joined(), await joined()];
    await age(idle.scope, 'seen_at', 8);
    await age(old.scope, 'began_at', 31);
    expect([await status(idle.cookie), await status(old.cookie)]).toEqual([401, 401]);
  });

  test('one-tap demo sign-in exists only in the demo', async () => {
    const who = await joined();
    const answer = await signInToDemo(ask('POST', '', { crew: who.handle, person: who.person.id }));
    expect([answer.status, answer.headers.get('set-cookie')]).toEqual([404, null]);
  });
});

describe('a homeowner link', () => {
  const asLead = async () => ask('POST', await cookieOf('technician'), { days: 30 });

  test('shows the homeowner’s page and nothing else, and counts views, until it is revoked', async () => {
    const job = await make();
    const { path } = await (await makeShare(await asLead(), at(job.id))).json();
    const token = path.slice('/shared/'.length);
    const shown = (await openShare(token))!;
    expect(Object.keys(shown).sort()).toEqual(['address', 'paragraphs', 'until']);
    expect(shown.paragraphs.length).toBeGreaterThan(3);
    const cookie = await cookieOf('technician');
    const { shares } = await (await listShares(ask('GET', cookie), at(job.id))).json();
    expect(shares).toMatchObject([{ isOver: false, opened: 1 }]);
    // The token is not a session, and a session’s token is not a link.
    expect((await listJobs(ask('GET', `${SESSION_COOKIE}=${token}`), {})).status).toBe(401);
    expect(await openShare(cookie.split('=')[1]!)).toBeNull();
    expect((await endShare(ask('DELETE', cookie, { share: shares[0].id }), at(job.id))).status).toBe(200);
    expect([await openShare(token), await openShare(''), await openShare('a'.repeat(43))]).toEqual([null, null, null]);
  });

  test('expires on its date and with its job; another crew cannot make, see or revoke one', async () => {
    const job = await make();
    const { path } = await (await makeShare(await asLead(), at(job.id))).json();
    const token = path.slice('/shared/'.length);
    const other = await otherCrew();
    const foreign = (method: string, body?: object) => ask(method, other.cookie, body);
    expect((await makeShare(foreign('POST', { days: 30 }), at(job.id))).status).toBe(404);
    expect((await listShares(foreign('GET'), at(job.id))).status).toBe(404);
    const [{ id }] = (
      await inCrew(TEST_CREW, () => database().query('SELECT id FROM shares ORDER BY made_at DESC'))
    )[0] as [{ id: string }];
    expect((await endShare(foreign('DELETE', { share: id }), at(job.id))).status).toBe(404);
    expect(await openShare(token)).not.toBeNull();
    await inCrew(TEST_CREW, () => database().query("UPDATE shares SET until = now() - interval '1 minute'"));
    expect(await openShare(token)).toBeNull();
  });
});

describe('a crew', () => {
  test('is named once, at first start, and owns what was on the server before', async () => {
    const before = await make();
    await ownerDatabase().transaction(async (transaction) => {
      const owner = ownerDatabase();
      await owner.query('ALTER TABLE crews NO FORCE ROW LEVEL SECURITY', { transaction });
      await owner.query(`UPDATE crews SET name = '', handle = NULL`, { transaction });
      await owner.query('ALTER TABLE crews FORCE ROW LEVEL SECURITY', { transaction });
    });
    const start = (more: object = {}) =>
      firstStart(
        ask('POST', '', { crew: 'Ridge & Söhne', name: 'Ida Ridge', password: 'four cold mornings', ...more }),
      );
    expect((await start({ password: 'ridge' })).status).toBe(400);
    expect((await start({ crew: '&&&' })).status).toBe(400);
    const answer = await start();
    expect(answer.status).toBe(200);
    const cookie = answer.headers.get('set-cookie')!.split(';')[0]!;
    expect((await getJob(ask('GET', cookie), at(before.id))).status).toBe(200);
    expect((await start()).status).toBe(409);
    const right = { name: 'ida-ridge@ridge-sohne', password: 'four cold mornings' };
    expect((await signIn(ask('POST', '', right))).status).toBe(200);
  });

  test('keeps at least one lead; a second person with the same name gets a different sign-in name', async () => {
    const { scope, cookie } = await otherCrew();
    const { people } = await (await listPeople(ask('GET', cookie), {})).json();
    const [{ id }] = people;
    const act = (body: object) => changePerson(ask('POST', cookie, body), at(id));
    expect([(await act({ action: 'let-go' })).status, (await act({ action: 'role', role: 'reader' })).status]).toEqual([
      409, 409,
    ]);
    const handles = [];
    for (let each = 0; each < 2; each++) {
      const answer = await invitePerson(ask('POST', cookie, { name: 'Jo Kranz', role: 'technician' }), {});
      handles.push((await answer.json()).person.handle);
    }
    expect(handles).toEqual(['jo-kranz', 'jo-kranz-2']);
    const done = await inCrew(scope, () => database().query('SELECT did, subject FROM audit ORDER BY id'));
    expect(done[0]).toEqual([
      { did: 'invited as technician', subject: 'Jo Kranz' },
      { did: 'invited as technician', subject: 'Jo Kranz' },
    ]);
  });

  test('lets only a lead acknowledge a system that was shut off and tagged', async () => {
    const job = await make();
    const acknowledge = async (cookie: string) =>
      addReadings(
        ask('POST', cookie, {
          readings: [
            {
              id: randomUUID(),
              item: ACKNOWLEDGED_ITEM,
              value: 'done',
              place: null,
              at: '2026-01-05T12:00:00.000Z',
              author: 'Signed In',
              instrument: '',
              replaces: null,
            },
          ],
        }),
        at(job.id),
      );
    const refused = await acknowledge(await cookieOf('technician', 'Signed In'));
    expect([refused.status, (await refused.json()).error]).toEqual([403, expect.stringMatching(/Only a crew lead/)]);
    expect((await acknowledge(await cookieOf('lead', 'Crew Lead'))).status).toBeLessThan(300);
  });

  test('names who read; an unknown name becomes the person signed in, and who entered it is always recorded', async () => {
    const job = await make();
    await addPerson(TEST_CREW, { name: 'Second Hand', role: 'apprentice' });
    const cookie = await cookieOf('technician', 'Signed In');
    const reading = (author: string) => ({
      id: randomUUID(),
      item: 'conditions/outdoor',
      value: 21,
      place: null,
      at: '2026-01-05T12:00:00.000Z',
      author,
      instrument: '',
      replaces: null,
      enteredBy: 'the King',
    });
    const answer = await addReadings(
      ask('POST', cookie, { readings: [reading('Second Hand'), reading('the King')] }),
      at(job.id),
    );
    const { rows } = await answer.json();
    expect(rows.map(({ author, enteredBy }: { author: string; enteredBy: string }) => [author, enteredBy])).toEqual([
      ['Second Hand', 'Signed In'],
      ['Signed In', 'Signed In'],
    ]);
  });
});
