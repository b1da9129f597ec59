import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { ConnectionError, DatabaseError } from 'sequelize';
import { POST as firstStart } from '@/app/api/first-start/route';
import { POST as move } from '@/app/api/jobs/[jobId]/move/route';
import { POST as addReadings } from '@/app/api/jobs/[jobId]/readings/route';
import { PATCH as saveJob } from '@/app/api/jobs/[jobId]/route';
import { POST as addMarks } from '@/app/api/jobs/[jobId]/setting-marks/route';
import { POST as importJob } from '@/app/api/jobs/import/route';
import { GET as listJobs, POST as createJob } from '@/app/api/jobs/route';
import { POST as signIn } from '@/app/api/sign-in/route';
import { PERSON_HEADER } from '@/core/access/entered-by';
import { wantedPage } from '@/core/access/wanted-page';
import { xmlText } from '@/core/border/xml-text';
import { leaningOf, meaningsOf } from '@/core/changeout/letters';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { parseCrewLine } from '@/core/formats/crew-file';
import { toJobFile } from '@/core/formats/job-file';
import { readWeather } from '@/core/formats/weather';
import { lastRecord } from '@/core/handover/last-record';
import type { StoredJob } from '@/core/job/stored-job';
import { isThermostatFunction } from '@/core/wiring/thermostat-functions';
import { inCrew, isFirstStart } from '@/server/crew';
import { database } from '@/server/database';
import { isTransient } from '@/server/http/passing';
import { testRequest } from '@/server/http/test-request';
import { makeCrew } from '@/server/make-crew';
import { wholeAudit } from '@/server/repositories/audit';
import { nameCrew } from '@/server/repositories/crews';
import { handoversOf } from '@/server/repositories/handovers';
import { addPerson } from '@/server/repositories/people';
import { countAttempt } from '@/server/repositories/sign-in-attempts';
import { TEST_CREW } from '@/server/repositories/test-jobs';
import { TASKS } from '@/server/threads/tasks';
import { type Act, ACT_KINDS, liveTogether, PEOPLE_COUNT } from '@/ui/offline/fake-people';
import { at, mustHold, type Outcome, outcomeOf, stored } from './outcome';
import { pick, type Random } from './spoil';

const blank = async (name = 'attacked'): Promise<string> => {
  const id = randomUUID();
  outcomeOf(await createJob(testRequest({ id, from: 'blank', name }), {}));
  return id;
};

const reading = (value: number, time: string, more: object = {}) => ({
  id: randomUUID(),
  item: 'conditions/outdoor',
  value,
  place: null,
  at: time,
  author: 'attack',
  instrument: '',
  replaces: null,
  ...more,
});

const now = () => new Date().toISOString();

/** Keys that every object inherits. */
const INHERITED = ['constructor', 'toString', 'hasOwnProperty', '__proto__', 'valueOf'];

/** Attacks that once worked, each with random input. */
export const HARD_TRIES: Record<string, (random: Random) => Promise<Outcome>> = {
  'two people, one device': async (random) => {
    const acts = Array.from({ length: 4 + Math.floor(random() * 20) }, (): Act => {
      const kind =
        random() < 0.35 ? pick(random, ['sign in', 'sign in in another tab'] as const) : pick(random, ACT_KINDS);
      return { kind, who: Math.floor(random() * PEOPLE_COUNT) } as Act;
    });
    // In any case, the device starts with someone who enters something.
    const wrong = await liveTogether([{ kind: 'sign in', who: 0 }, { kind: 'job begun' }, ...acts]);
    mustHold(wrong, wrong === '');
    return random() < 0.5 ? 'taken' : 'refused';
  },
  'somebody else’s entries': async (random) => {
    const id = randomUUID();
    const request = testRequest({ id, from: 'blank', name: 'not his' });
    const isHis = random() < 0.3;
    if (!isHis) request.headers.set(PERSON_HEADER, randomUUID());
    const outcome = outcomeOf(await createJob(request, {}));
    mustHold('what somebody else entered went out as who is signed in', isHis === (outcome === 'taken'));
    return outcome;
  },
  'forged records': async () => {
    const [victim, own] = [await blank(), await blank()];
    const job = (await stored(own)) as StoredJob;
    const forged = {
      id: randomUUID(),
      handedOverAt: '2031-01-01T00:00:00.000Z',
      author: 'The Boss',
      coreVersion: 'forged',
      record: lastRecord(job, DEFAULT_MOMENT),
    };
    const file = { ...toJobFile(own, job.document, job, null, [forged]), readings: [reading(5, now())] };
    const outcome = outcomeOf(await importJob(testRequest(file, { query: `?copyId=${victim}` }), {}));
    mustHold('a record was laid on a job that was there', (await handoversOf(TEST_CREW, victim)).length === 0);
    mustHold('readings that landed nowhere were taken', outcome === 'refused');
    const fresh = await importJob(testRequest({ ...file, id: randomUUID() }, { query: `?copyId=${randomUUID()}` }), {});
    outcomeOf(fresh);
    const [kept] = await handoversOf(TEST_CREW, ((await fresh.json()) as { id: string }).id);
    mustHold('an imported record passes for one that was signed here', kept?.imported !== undefined);
    return outcome;
  },
  'clock ahead': async (random) => {
    const id = await blank();
    const ahead = new Date(Date.now() + (1 + random() * 2000) * 86_400_000).toISOString();
    const visit = { id: randomUUID(), reason: 'new', began: ahead, ended: null, author: '' };
    const origin = random() < 0.5 ? null : { device: randomUUID(), sequence: 1, clockOffsetMs: null };
    const first = { readings: [reading(24, ahead, { visit: visit.id, origin })], visits: [visit] };
    outcomeOf(await addReadings(testRequest(first), at(id)));
    outcomeOf(await addReadings(testRequest({ readings: [reading(41, now())] }), at(id)));
    const { visits, readings } = (await stored(id)) as StoredJob;
    const isLived = (time: string) => Date.parse(time) <= Date.now();
    mustHold(
      'a visit began in the future',
      visits.every(({ began }) => isLived(began)),
    );
    mustHold(
      'a reading was taken in the future',
      readings.every((each) => isLived(each.at)),
    );
    const odd = { ...visit, began: 'tomorrow' };
    return outcomeOf(await addReadings(testRequest({ readings: [reading(5, now())], visits: [odd] }), at(id)));
  },
  'sign-in rush': async (random) => {
    const name = `${randomUUID()}@attack`;
    const address = random() < 0.5 ? null : randomUUID();
    const heard = await Promise.all(
      Array.from({ length: 14 }, () => countAttempt({ name, address, knownDevice: null })),
    );
    mustHold('more tries at once were heard than may be', heard.filter((each) => each !== null).length <= 10);
    return outcomeOf(await signIn(testRequest({ name, password: 'a guess' })));
  },
  'signed unseen': async (random) => {
    const id = await blank();
    outcomeOf(await addReadings(testRequest({ readings: [reading(24, now())] }), at(id)));
    const seen = (await stored(id)) as StoredJob;
    const meanwhile = random() < 0.7;
    if (meanwhile) outcomeOf(await addReadings(testRequest({ readings: [reading(-60, now())] }), at(id)));
    const printed = lastRecord(seen, DEFAULT_MOMENT);
    const outcome = outcomeOf(
      await move(testRequest({ action: 'hand-over', revision: seen.revision, printed }), at(id)),
    );
    mustHold('what nobody was shown was signed', meanwhile === (outcome === 'refused'));
    return outcome;
  },
  'who entered marks': async () => {
    const id = await blank();
    const mark = {
      id: randomUUID(),
      at: now(),
      author: 'tester',
      enteredBy: 'The Boss',
      controller: 'indoor',
      profile: 'p',
      entry: 'unit/KIT',
      code: '',
      label: '',
      kind: 'left',
      value: '3',
      words: '',
    };
    outcomeOf(await addMarks(testRequest({ marks: [mark] }), at(id)));
    const { settingMarks } = (await stored(id)) as StoredJob;
    mustHold('a mark does not say who entered it', settingMarks[0]!.enteredBy === 'tester');
    return outcomeOf(await addMarks(testRequest({ marks: [{ ...mark, id: 'none' }] }), at(id)));
  },
  'first start': async () => {
    const scope = await makeCrew();
    await nameCrew(scope, 'Attack', `attack-${randomUUID().slice(0, 8)}`);
    mustHold('a server with a crew may be taken over', !(await isFirstStart()));
    const body = { crew: 'Taken', name: 'Squatter', password: 'four cold mornings' };
    const request = testRequest(body);
    request.headers.set('host', 'localhost');
    return outcomeOf(await firstStart(request));
  },
  'crew file by command': async (random) => {
    // A command takes seconds: it is tried occasionally.
    if (random() > 0.08) return 'refused';
    const { status } = spawnSync(
      process.execPath,
      ['--import', 'tsx', 'src/server/bring-crew-file.ts', 'package.json'],
      {
        env: { ...process.env, NODE_OPTIONS: '', NODE_ENV: 'production' },
        timeout: 30_000,
      },
    );
    mustHold('a crew’s file is read for ever', status === 1);
    return 'refused';
  },
  'many who look': async (random) => {
    const word = `w${randomUUID().slice(0, 8)}`;
    const ids = [await blank(`${word} one`), await blank(`${word} two`)];
    await inCrew(TEST_CREW, () =>
      database().query(`UPDATE job_summaries SET core_version = 'older' WHERE job_id IN (:ids)`, {
        replacements: { ids },
      }),
    );
    const outline = TASKS.outline;
    let worked = 0;
    Object.assign(TASKS, {
      outline: (job: StoredJob) => {
        // What was just changed is being recalculated at the same time.
        if (ids.includes(job.id)) worked++;
        return outline(job);
      },
    });
    try {
      const words = random() < 0.5 ? [word, `${word} `] : [word, word.toUpperCase()];
      await Promise.all(
        Array.from({ length: 12 }, async (_, viewer) =>
          outcomeOf(
            await listJobs(testRequest(undefined, { query: `?search=${encodeURIComponent(words[viewer % 2]!)}` }), {}),
          ),
        ),
      );
    } finally {
      Object.assign(TASKS, { outline });
    }
    mustHold(`an answer was worked out once per viewer: ${worked} times for ${ids.length} jobs`, worked <= ids.length);
    return outcomeOf(await listJobs(testRequest(undefined, { query: '?after=nowhere' }), {}));
  },
  'places on the list': async (random) => {
    const after = pick(random, [
      `changed:2026-13-45T99:99:99.000Z:${randomUUID()}`,
      `changed:2026-01-05T12:00:00.000Z:${'-'.repeat(36)}`,
      `changed:2026-01-05T12:00:00.000Z:${'f'.repeat(36)}`,
      `changed:2026-01-05T12:00:00.000Z:${randomUUID()}`,
    ]);
    return outcomeOf(await listJobs(testRequest(undefined, { query: `?after=${encodeURIComponent(after)}` }), {}));
  },
  'words of every object': async (random) => {
    const word = pick(random, INHERITED);
    leaningOf(word, 'hot');
    mustHold('a letter that nobody knows means something', meaningsOf(word, 'heat-pump') === null);
    mustHold('a word that every object has is a function of the wall', !isThermostatFunction(word));
    return parseCrewLine(JSON.stringify({ kind: word })).ok ? 'taken' : 'refused';
  },
  'quotes without number': async (random) => {
    const text = pick(random, ['"'.repeat(5_900_000), '"a'.repeat(2_900_000), '""\n'.repeat(1_900_000)]);
    return readWeather(text, 'attack.csv', { fills: true }).kind === 'read' ? 'taken' : 'refused';
  },
  'values without number': async (random) => {
    const id = await blank();
    const text = `[${new Array(900_000).fill(random() < 0.5 ? 0 : '[]').join(',')}]`;
    return outcomeOf(await saveJob(testRequest(text, { method: 'PATCH' }), at(id)));
  },
  'what is not known': async (random) => {
    const id = randomUUID();
    const extra = { [pick(random, ['crewId', 'isLead', 'constructor', 'role'])]: TEST_CREW.crewId };
    const outcome = outcomeOf(await createJob(testRequest({ id, from: 'blank', ...extra }), {}));
    mustHold('something that is not known was passed over', outcome === 'refused');
    return outcome;
  },
  'another site after signing in': async (random) => {
    const wanted = pick(random, [
      '/\t/elsewhere.example',
      '/\n/elsewhere.example',
      '/\r\n/x.example',
      '//x.example',
      '/jobs',
    ]);
    const opens = new URL(wantedPage(wanted, 'https://ours.example'), 'https://ours.example');
    mustHold('signing in leads to another site', opens.origin === 'https://ours.example');
    return opens.pathname === '/jobs' ? 'taken' : 'refused';
  },
  'connections that break': async (random) => {
    const code = (text: string) => Object.assign(new Error(`read ${text}`), { code: text });
    const problem = pick(random, [
      new Error('Connection terminated unexpectedly'),
      new Error('Client has encountered a connection error and is not queryable'),
      code('ECONNRESET'),
      new DatabaseError(Object.assign(new Error('Connection terminated unexpectedly'), { sql: '' })),
      new ConnectionError(code('EPIPE')),
    ]);
    mustHold('a connection that broke counts as a fault', isTransient(problem));
    return isTransient(new Error('a fault of ours')) ? 'taken' : 'refused';
  },
  'list of what was done': async () => {
    const scope = await makeCrew();
    await nameCrew(scope, 'Attack', `attack-${randomUUID().slice(0, 8)}`);
    await addPerson(scope, { name: 'Ana', role: 'lead' });
    await inCrew(scope, () =>
      database().query(
        `INSERT INTO audit (person, did, subject) SELECT 'a', 'did', 'thing ' || n FROM generate_series(1, 2100) n`,
      ),
    );
    let lines = 0;
    for await (const part of wholeAudit(scope)) lines += part.length;
    mustHold('the list of what was done is cut', lines === 2100);
    return 'refused';
  },
  'letters of no XML': async (random) => {
    const text = `a${String.fromCharCode(pick(random, [0xfffe, 0xffff, 0xb, 0x1f]))}b`;
    mustHold('a picture holds what no XML can', xmlText(text) === 'ab');
    return 'refused';
  },
};
