import { randomUUID } from 'node:crypto';
import { POST as move } from '@/app/api/jobs/[jobId]/move/route';
import { POST as addReadings } from '@/app/api/jobs/[jobId]/readings/route';
import { PATCH as saveJob } from '@/app/api/jobs/[jobId]/route';
import { POST as addMarks } from '@/app/api/jobs/[jobId]/setting-marks/route';
import { PUT as putVisit } from '@/app/api/jobs/[jobId]/visits/route';
import { POST as importJob } from '@/app/api/jobs/import/route';
import { POST as createJob } from '@/app/api/jobs/route';
import { PUT as saveProfile } from '@/app/api/profiles/route';
import { findingsOf } from '@/core/check';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { parseJobFileText, toJobFile } from '@/core/formats/job-file';
import { parseProfileText, profileJson, profileYaml } from '@/core/formats/profile-file';
import { sampleFile } from '@/core/formats/sample-file';
import { readWeather } from '@/core/formats/weather';
import { readingStanding } from '@/core/job/reading';
import type { StoredJob } from '@/core/job/stored-job';
import { jobModel } from '@/core/model/job-model';
import { observed } from '@/core/model/observation-key';
import { SAMPLES } from '@/core/samples';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { profileProblems } from '@/core/setup/profiles/problems';
import { optionsOf } from '@/core/setup/profiles/profile';
import { startupOf } from '@/core/startup/startup-of';
import { allowedHosts, notLetIn } from '@/server/http/allowed';
import { testRequest } from '@/server/http/test-request';
import { HARD_TRIES } from './hard-tries';
import { at, mustHold, type Outcome, outcomeOf, stored } from './outcome';
import { pick, type Random, spoiled, spoiledText } from './spoil';

/** Whether a stored job can be exported and imported again. */
const isFile = (job: StoredJob): boolean =>
  parseJobFileText(JSON.stringify(toJobFile(job.id, job.document, job, job.handedOverAt))).ok;

const freshJob = async (): Promise<string> => {
  const id = randomUUID();
  outcomeOf(await createJob(testRequest({ id, from: 'sample', source: 'cinder-creek', name: 'attacked' }), {}));
  return id;
};

const fileText = JSON.stringify(sampleFile(SAMPLES[2]!));
const hoursCsv = Array.from({ length: 8760 }, (_, hour) => (20 + (hour % 50)).toFixed(1)).join('\n');

/** One attempt of each kind, with random input. */
export const TRIES: Record<string, (random: Random) => Promise<Outcome>> = {
  'job file': async (random) => {
    const parsed = parseJobFileText(JSON.stringify(spoiled(random, JSON.parse(fileText))));
    if (!parsed.ok) return 'refused';
    const model = jobModel(parsed.value.facts);
    findingsOf(model, parsed.value.readings);
    startupOf(model, parsed.value.readings, DEFAULT_MOMENT);
    return 'taken';
  },
  'job file as text': async (random) =>
    outcomeOf(await importJob(testRequest(spoiledText(random, fileText), { query: `?copyId=${randomUUID()}` }), {})),
  profile: async (random) => {
    const profile = pick(random, SHIPPED_PROFILES);
    const text =
      random() < 0.5
        ? JSON.stringify(spoiled(random, JSON.parse(profileJson(profile))))
        : spoiledText(random, profileYaml(profile));
    const parsed = parseProfileText(text);
    if (!parsed.ok) return 'refused';
    profileProblems(parsed.value);
    const mine = { ...parsed.value, id: `attacked-${Math.floor(random() * 1e9)}` };
    return outcomeOf(
      await saveProfile(
        testRequest({ saveId: randomUUID(), baseRevision: null, profile: mine, author: 'attack' }, { method: 'PUT' }),
        {},
      ),
    );
  },
  'profile with conditions': async (random) => {
    const [own] = SHIPPED_PROFILES;
    const first = own!.entries.find(({ form, shownWhen }) => form.kind === 'menu' && !shownWhen)!;
    const codes = optionsOf(first).map(({ code }) => code);
    const among = (at: number) => ({ entry: `C${at}`, is: codes });
    // Each is shown where one of the two before it is, in one of two ways: exhaustive search would take forever.
    const chained = Array.from({ length: 26 }, (_, at) => ({
      ...first,
      code: `C${at}`,
      ...(at < 2 ? {} : { shownWhen: { any: [among(at - 1), { all: [among(at - 2), among(at - 1)] }] } }),
    }));
    const odd = pick<unknown>(random, [null, 5, 'always', [], { entry: 'C1' }, { any: 7 }]);
    const profile = {
      ...own!,
      id: `chained-${Math.floor(random() * 1e9)}`,
      entries: random() < 0.5 ? chained : [{ ...first, shownWhen: odd }],
    };
    const parsed = parseProfileText(JSON.stringify(profile));
    if (!parsed.ok) return 'refused';
    profileProblems(parsed.value);
    return 'taken';
  },
  'profile that holds itself': async (random) => {
    const [own] = SHIPPED_PROFILES;
    const itself = pick(random, ['&a [*a]', '&a { any: [*a] }', '&a { all: [{ any: [*a, *a] }] }']);
    const holds = pick(random, ['shownWhen', 'form', 'means', 'label']);
    const entries = own!.entries.map((entry, at) => (at === 0 ? { ...entry, [holds]: 'HOLDS ITSELF' } : entry));
    // YAML can express everything that JSON can, plus self-references.
    const text = JSON.stringify({ ...own!, id: 'holds-itself', entries }).replace('"HOLDS ITSELF"', itself);
    const parsed = parseProfileText(text);
    if (parsed.ok) profileProblems(parsed.value);
    mustHold('a profile that holds itself was taken', !parsed.ok);
    return 'refused';
  },
  'names cut': async (random) => {
    const id = randomUUID();
    const name = `${'x'.repeat(80 + Math.floor(random() * 36))}🪜🪜👩‍👩‍👧‍👦`;
    const made = outcomeOf(await createJob(testRequest({ id, from: 'blank', name }), {}));
    if (made === 'refused') return made;
    const copy = randomUUID();
    outcomeOf(await createJob(testRequest({ id: copy, from: 'copy', source: id }), {}));
    mustHold('a copy was not made', (await stored(copy)).id === copy);
    outcomeOf(await createJob(testRequest({ id: randomUUID(), from: 'copy', source: 'no id' }), {}));
    return made;
  },
  weather: async (random) => {
    const read = readWeather(spoiledText(random, hoursCsv), 'attack.csv', { fills: random() < 0.5 });
    if (read.kind !== 'read') return 'refused';
    mustHold(
      'an hour that no weather has was taken',
      read.weather.hoursF.every((hourF) => hourF >= -130 && hourF <= 140),
    );
    return 'taken';
  },
  save: async (random) => {
    const id = await freshJob();
    const save = {
      saveId: randomUUID(),
      baseRevision: 1,
      changes: [
        { path: 'house.designBtuh', value: 30_000 + Math.floor(random() * 9000) },
        { path: 'site.notes', value: 'plain' },
      ],
      author: 'attack',
    };
    const sent = random() < 0.2 ? save : spoiled(random, save);
    const outcome = outcomeOf(await saveJob(testRequest(sent, { method: 'PATCH' }), at(id)));
    const { document, revision } = await stored(id);
    if (outcome === 'refused') mustHold('a refused save changed the job', revision === 1);
    else
      for (const { path, value } of sent.changes) {
        const [group, name] = path.split('.') as [string, string];
        mustHold(`${path} was acknowledged`, JSON.stringify(document.facts[group][name]) === JSON.stringify(value));
      }
    return outcome;
  },
  readings: async (random) => {
    const id = await freshJob();
    const readings = SAMPLES[1]!.readings.slice(0, 3).map((reading) => ({ ...reading, id: randomUUID() }));
    const visits = SAMPLES[1]!.visits.map((visit) => ({ ...visit, ended: random() < 0.5 ? null : visit.began }));
    const message = { readings, visits, sentAt: new Date(random() * 4e12).toISOString() };
    const sent = random() < 0.2 ? message : spoiled(random, message);
    const outcome = outcomeOf(await addReadings(testRequest(sent), at(id)));
    const job = await stored(id);
    const ids = new Set(job.readings.map((reading: { id: string }) => reading.id));
    mustHold('what was taken can be brought in again', isFile(job));
    if (outcome === 'refused') mustHold('some of refused readings were kept', ids.size === 0);
    else for (const reading of sent.readings) mustHold('a reading was acknowledged', ids.has(reading.id.toLowerCase()));
    return outcome;
  },
  'sent again': async (random) => {
    const id = await freshJob();
    const save = (baseRevision: number) => ({
      saveId: randomUUID(),
      baseRevision,
      changes: [{ path: 'house.designBtuh', value: 30_000 + Math.floor(random() * 9000) }],
    });
    const send = async (body: object) => saveJob(testRequest(body, { method: 'PATCH' }), at(id));
    if (random() < 0.3) return outcomeOf(await send(save(2)));
    const [first, second] = [save(1), save(2)];
    for (const body of [first, second]) outcomeOf(await send(body));
    const letters = random() < 0.5 ? first.saveId.toUpperCase() : first.saveId;
    const again = outcomeOf(await send({ ...first, saveId: letters }));
    mustHold('a save that landed was refused when it was sent again', again === 'taken');
    const { revision, document } = await stored(id);
    mustHold('a save landed twice', revision === 3);
    mustHold('an older save was laid over a later one', document.facts.house.designBtuh === second.changes[0]!.value);
    return again;
  },
  'imported again': async (random) => {
    const own = randomUUID();
    const bring = async (name: string, copyId: string) => {
      const file = JSON.parse(fileText) as { facts: { site: { jobName: string } } };
      const text = JSON.stringify({
        ...file,
        id: own,
        facts: { ...file.facts, site: { ...file.facts.site, jobName: name } },
      });
      const response = await importJob(testRequest(text, { query: `?copyId=${copyId}` }), {});
      outcomeOf(response);
      return ((await response.json()) as { id?: string }).id;
    };
    if (random() < 0.2) return outcomeOf(await importJob(testRequest(fileText, { query: '?copyId=none' }), {}));
    const [copyId, others] = [randomUUID(), [randomUUID(), randomUUID()]];
    const [once, ...landed] = await Promise.all([
      bring('one', copyId),
      ...others.map((other, file) => bring(`other ${file}`, other)),
    ]);
    mustHold('of files under one id one was dropped', new Set([once, ...landed]).size === 3);
    mustHold('a file that was sent twice is there twice', (await bring('one', copyId)) === once);
    return 'taken';
  },
  corrections: async (random) => {
    const id = await freshJob();
    const visit = {
      id: randomUUID(),
      reason: 'call-back',
      began: new Date().toISOString(),
      ended: null,
      author: '',
    };
    const reading = (value: number, when: number | string, replaces: string | null) => ({
      ...SAMPLES[1]!.readings[0]!,
      id: randomUUID(),
      visit: visit.id,
      origin: null,
      item: 'conditions/outdoor',
      value,
      place: null,
      at: typeof when === 'string' ? when : new Date(when).toISOString(),
      author: 'attack',
      instrument: '',
      replaces,
    });
    const odd = pick(random, ['2026-02-30T10:00:00Z', '0000-01-01T10:00:00Z', '2026-13-01T10:00:00Z']);
    if (random() < 0.3) {
      const outcome = outcomeOf(await addReadings(testRequest({ readings: [reading(5, odd, null)] }), at(id)));
      mustHold('a date that is none was taken', outcome === 'refused');
      return outcome;
    }
    const ahead = Date.now() + random() * 2 * 86_400_000;
    const wrong = reading(5, ahead, null);
    const right = reading(42, Date.now(), wrong.id);
    const visits = [visit];
    for (const readings of [[wrong], [right]])
      mustHold(
        'a reading was refused',
        outcomeOf(await addReadings(testRequest({ readings, visits }), at(id))) === 'taken',
      );
    const job = (await stored(id)) as StoredJob;
    const stands = readingStanding(observed(job.document.facts, job.readings), right.item);
    mustHold('a correction lost against a clock that was ahead', stands?.id === right.id);
    return 'taken';
  },
  'other sites': async (random) => {
    const hosts = ['127.0.0.1:4300', 'localhost:4300', '192.168.1.20:4300', 'bench.example:4300'];
    const host = pick(random, hosts);
    const origin = pick(random, [
      `http://${host}`,
      'http://elsewhere.example',
      'null',
      `http://${host}.elsewhere.example`,
    ]);
    const asked = { method: pick(random, ['POST', 'PUT', 'PATCH', 'DELETE']), headers: new Headers({ host, origin }) };
    const isOwn = origin === `http://${host}` && !host.startsWith('bench');
    const isLetIn = notLetIn(asked, allowedHosts({})) === null;
    mustHold('a write from another site, or to a name that is none of ours, was let in', isLetIn === isOwn);
    const form = testRequest({ id: randomUUID(), from: 'blank' }, { type: 'text/plain' });
    mustHold('a form was taken for a write', outcomeOf(await createJob(form, {})) === 'refused');
    return isLetIn ? 'taken' : 'refused';
  },
  'other requests': async (random) => {
    const id = randomUUID();
    const body = spoiled(
      random,
      pick<Record<string, unknown>>(random, [
        { id: randomUUID(), from: 'blank', name: 'attacked' },
        { id: randomUUID(), from: 'copy', source: id },
        { action: 'archive', author: 'attack' },
        { visit: { ...SAMPLES[1]!.visits[0]!, id: randomUUID(), ended: pick(random, [null, '2026-01-14T15:06:00Z']) } },
        { marks: [{ id: randomUUID(), at: '2026-01-05T12:00:00Z', author: 'a', kind: 'left', value: '1' }] },
      ]),
    );
    const answers = [
      await createJob(testRequest(body), {}),
      await move(testRequest(body), at(id)),
      await addMarks(testRequest(body), at(id)),
      await putVisit(testRequest(body, { method: 'PUT' }), at(id)),
    ].map(outcomeOf);
    return answers.includes('taken') ? 'taken' : 'refused';
  },
  ...HARD_TRIES,
};
