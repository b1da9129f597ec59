import { randomUUID } from 'node:crypto';
import { parseCrewLine } from '../core/formats/crew-file';
import { documentOf } from '../core/formats/job-file';
import { sampleFile } from '../core/formats/sample-file';
import { SAMPLES } from '../core/samples';
import { bringCrew, WrongCrewFile } from './bring-crew';
import { type CrewScope, inCrew } from './crew';
import { closeDatabase, ownerDatabase } from './database';
import { deleteCrew } from './delete-crew';
import { makeCrew } from './make-crew';
import { moveJob } from './repositories/archive';
import { audit } from './repositories/audit';
import { saveNote } from './repositories/company';
import { crewFile } from './repositories/crew-file';
import { nameCrew, saveDefaults } from './repositories/crews';
import { createJob } from './repositories/jobs';
import { addPerson, changePerson } from './repositories/people';
import { addPlayed } from './repositories/practice';
import { saveJob } from './repositories/save-job';
import { addWeather } from './repositories/weather';

afterAll(closeDatabase);

const textOf = async (scope: CrewScope): Promise<string[]> => {
  const lines: string[] = [];
  for await (const line of crewFile(scope)) lines.push(line);
  return lines;
};

async function* each(lines: readonly string[]) {
  yield* lines;
}

const PLAYED = {
  id: '6f0d1a52-3a1e-4c55-9f0e-6b2b6a4f2001',
  round: 'droop',
  seed: 3,
  isEndless: false,
  title: 'Two degrees short',
  at: '2026-11-27T08:00:00.000Z',
  result: 'found',
  seconds: 412.5,
  bestSeconds: 300,
  readings: 5,
  bestReadings: 3,
  toldNothing: 1,
} as const;

/** A crew with some of everything. */
const fullCrew = async () => {
  const scope = await makeCrew();
  const handle = `full-${randomUUID().slice(0, 8)}`;
  await nameCrew(scope, 'Full House', handle);
  const lead = await addPerson(scope, { name: 'Lea Lead', role: 'lead' });
  await addPlayed(scope, lead.id, PLAYED);
  const gone = await addPerson(scope, { name: 'Ivo Gone', role: 'technician' });
  await changePerson(scope, gone.id, null);
  await saveDefaults(
    scope,
    { facts: {}, instruments: [] },
    { facts: { 'prices.electricPerKWh': 0.2 }, instruments: [{ name: 'Clamp', calibratedUntil: '2027-01-01' }] },
  );
  await addWeather(scope, {
    id: randomUUID(),
    name: 'Cove Point',
    hoursF: Array.from({ length: 8760 }, (_, hour) => (hour % 700) / 10),
    humidity: null,
    filled: 3,
    author: 'Lea Lead',
  });
  for (const sample of SAMPLES) {
    const file = sampleFile(sample);
    await inCrew(scope, () => createJob(scope, file.id, documentOf(file), file, file.handedOverAt, 'Lea Lead'));
  }
  const id = sampleFile(SAMPLES[0]!).id;
  const save = { saveId: randomUUID(), baseRevision: 1, changes: [{ path: 'house.noLoadF', value: 62 } as const] };
  await saveJob(scope, id, { ...save, author: 'Lea Lead' });
  await saveNote(scope, id, 'Bring the label', 'Lea Lead');
  await moveJob(scope, sampleFile(SAMPLES[1]!).id, 'archive', 'Lea Lead');
  await audit(scope, 'Lea Lead', 'invited as technician', 'Ivo Gone');
  return { scope, handle };
};

const countCrews = async (): Promise<number> => {
  const owner = ownerDatabase();
  return owner.transaction(async (transaction) => {
    await owner.query('ALTER TABLE crews NO FORCE ROW LEVEL SECURITY', { transaction });
    const [[row]] = await owner.query('SELECT count(*)::int AS crews FROM crews', { transaction });
    await owner.query('ALTER TABLE crews FORCE ROW LEVEL SECURITY', { transaction });
    return (row as { crews: number }).crews;
  });
};

describe('everything of a crew as a file', () => {
  let crew: Awaited<ReturnType<typeof fullCrew>>;
  let file: string[];
  beforeAll(async () => {
    crew = await fullCrew();
    file = await textOf(crew.scope);
  });

  test('has a line for each item, each parsed back unchanged', () => {
    const kinds = file.map((line) => JSON.parse(line).kind);
    const count = Object.fromEntries([...new Set(kinds)].map((kind) => [kind, kinds.filter((k) => k === kind).length]));
    expect(count).toEqual({ crew: 1, person: 2, weather: 1, practiced: 1, done: 1, job: SAMPLES.length, end: 1 });
    for (const line of file) expect(parseCrewLine(line)).toEqual({ ok: true, value: JSON.parse(line) });
    expect(file.join('')).not.toContain('password');
  });

  test('imported elsewhere and exported again, is the same', async () => {
    const other = `again-${randomUUID().slice(0, 8)}`;
    const { scope, lines } = await bringCrew(each(file), other);
    expect(lines).toBe(file.length - 1);
    const again = (await textOf(scope)).map((line) => JSON.parse(line));
    const before = file.map((line) => JSON.parse(line));
    expect(again.filter(({ kind }) => kind === 'job')).toEqual(before.filter(({ kind }) => kind === 'job'));
    expect(again[0]).toEqual({ ...before[0], handle: other });
    const rest = (all: { kind: string }[]) => all.filter(({ kind }) => !['job', 'crew', 'end', 'done'].includes(kind));
    expect(rest(again)).toEqual(rest(before));
    expect(again.filter(({ kind }) => kind === 'done').map(({ did }) => did)).toEqual([
      'invited as technician',
      'imported',
    ]);
    await deleteCrew(scope.crewId);
  });

  test.each([
    ['cut off in the middle', (lines: string[]) => lines.slice(0, -2), /cut off/],
    ['with a line missing', (lines: string[]) => lines.filter((_, at) => at !== 2), /cut off/],
    ['without its head', (lines: string[]) => lines.slice(1), /Line 1: This is not a crew’s file/],
    ['with two heads', (lines: string[]) => [lines[0]!, ...lines], /Line 2: begins another crew/],
    ['going on after its end', (lines: string[]) => [...lines, lines[1]!], /after the end/],
    ['with a job twice', (lines: string[]) => [...lines.slice(0, -1), lines.at(-2)!, lines.at(-1)!], /twice/],
    ['with a kind that is not known', (lines: string[]) => [lines[0]!, '{"kind":"bomb"}'], /Line 2, kind: must be one/],
    ['with text', (lines: string[]) => [lines[0]!, 'hello'], /Line 2: This is not JSON/],
    ['under a name that is taken', (lines: string[]) => lines, /There is a crew called/],
  ])('%s is refused, and nothing of it stays', async (_, spoil, problem) => {
    const before = await countCrews();
    const name = String(problem).includes('called') ? crew.handle : `spoiled-${randomUUID().slice(0, 8)}`;
    await expect(bringCrew(each(spoil(file)), name)).rejects.toThrow(problem);
    expect(await countCrews()).toBe(before);
  });

  test('names the error as what it is', async () => {
    await expect(bringCrew(each(['{}']), 'nothing')).rejects.toBeInstanceOf(WrongCrewFile);
  });
});
