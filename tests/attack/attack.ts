import { randomUUID } from 'node:crypto';
import { POST as move } from '@/app/api/jobs/[jobId]/move/route';
import { POST as addReadings } from '@/app/api/jobs/[jobId]/readings/route';
import { PATCH as saveJob } from '@/app/api/jobs/[jobId]/route';
import { GET as getJob } from '@/app/api/jobs/[jobId]/route';
import { POST as addMarks } from '@/app/api/jobs/[jobId]/setting-marks/route';
import { PUT as putVisit } from '@/app/api/jobs/[jobId]/visits/route';
import { POST as importJob } from '@/app/api/jobs/import/route';
import { POST as createJob } from '@/app/api/jobs/route';
import { PUT as saveProfile } from '@/app/api/profiles/route';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { parseJobFileText, toJobFile } from '@/core/formats/job-file';
import { parseProfileText, profileJson, profileYaml } from '@/core/formats/profile-file';
import { sampleFile } from '@/core/formats/sample-file';
import { readWeather } from '@/core/formats/weather';
import type { StoredJob } from '@/core/job/stored-job';
import { jobModel } from '@/core/model';
import { SAMPLES } from '@/core/samples';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { profileProblems } from '@/core/setup/profiles/problems';
import { chance } from '@/core/units/chance';
import { testRequest } from '@/server/http/test-request';
import { pick, type Random, spoiled, spoiledText } from './spoil';

/** What came of one try. */
type Outcome = 'taken' | 'refused';

/** What came of all tries of a kind; `worst` names the first that crashed, hung or was lost. */
export interface Tally {
  readonly kind: string;
  taken: number;
  refused: number;
  crashed: number;
  hung: number;
  lost: number;
  slowestMs: number;
  worst: string;
}

/** More of this process's own work than this is hung, ms of CPU: a technician has turned away. */
const HUNG_CPU_MS = 2000;

/** No answer after this long is hung, ms, however busy the machine and its disk are with other tests. */
const NO_ANSWER_MS = 30_000;

const at = (jobId: string) => ({ params: Promise.resolve({ jobId }) });

/** An answer of a route as an outcome; one of the server's own faults is a crash. */
const outcomeOf = (response: Response): Outcome => {
  if (response.status >= 500) throw new Error(`answered ${response.status}`);
  return response.status < 300 ? 'taken' : 'refused';
};

/** What was acknowledged is read back and compared; what is not there is lost. */
class Lost extends Error {}
const mustHold = (what: string, holds: boolean) => {
  if (!holds) throw new Lost(what);
};
const stored = async (id: string) => (await getJob(testRequest(), at(id))).json();

/** Whether a job as it is stored goes out as a file that comes in again. */
const isFile = (job: StoredJob): boolean =>
  parseJobFileText(JSON.stringify(toJobFile(job.id, job.document, job, job.handedOverAt))).ok;

const freshJob = async (): Promise<string> => {
  const id = randomUUID();
  outcomeOf(await createJob(testRequest({ id, from: 'sample', source: 'cinder-creek', name: 'attacked' }), {}));
  return id;
};

const fileText = JSON.stringify(sampleFile(SAMPLES[2]!));
const hoursCsv = Array.from({ length: 8760 }, (_, hour) => (20 + (hour % 50)).toFixed(1)).join('\n');

/** One try of each kind, from a source of chance. */
const TRIES: Record<string, (random: Random) => Promise<Outcome>> = {
  'job file': async (random) => {
    const parsed = parseJobFileText(JSON.stringify(spoiled(random, JSON.parse(fileText))));
    if (!parsed.ok) return 'refused';
    const model = jobModel(parsed.value.facts);
    model.findings(parsed.value.readings);
    model.startup(parsed.value.readings, DEFAULT_MOMENT);
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
};

const tried = async (tally: Tally, seed: number, work: (random: Random) => Promise<Outcome>): Promise<void> => {
  const from = performance.now();
  const cpuFrom = process.cpuUsage();
  try {
    tally[await work(chance(seed))]++;
  } catch (problem) {
    tally[problem instanceof Lost ? 'lost' : 'crashed']++;
    tally.worst ||= `seed ${seed}: ${(problem as Error).message.slice(0, 200)}`;
  }
  const ms = performance.now() - from;
  tally.slowestMs = Math.max(tally.slowestMs, ms);
  const cpu = process.cpuUsage(cpuFrom);
  const cpuMs = (cpu.user + cpu.system) / 1000;
  if (cpuMs <= HUNG_CPU_MS && ms <= NO_ANSWER_MS) return;
  tally.hung++;
  tally.worst ||= `seed ${seed}: ${Math.round(ms)} ms, ${Math.round(cpuMs)} ms of CPU`;
};

/**
 * Tries spoiled files and requests of every kind, in turn.
 * @param count tries in all
 * @param seed the same gives the same tries
 */
export const attack = async (count: number, seed: number): Promise<Tally[]> => {
  const kinds = Object.keys(TRIES);
  const tallies = new Map(
    kinds.map((kind): [string, Tally] => [
      kind,
      { kind, taken: 0, refused: 0, crashed: 0, hung: 0, lost: 0, slowestMs: 0, worst: '' },
    ]),
  );
  for (let at = 0; at < count; at++) {
    const kind = kinds[at % kinds.length]!;
    await tried(tallies.get(kind)!, seed + at, TRIES[kind]!);
  }
  return [...tallies.values()];
};
