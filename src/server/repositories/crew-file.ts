import { randomUUID } from 'node:crypto';
import { CREW_FILE, type CrewLine, crewLineText } from '../../core/formats/crew-file';
import { toJobFile } from '../../core/formats/job-file';
import { historyNoLaterThan } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { database, select } from '../database';
import { models } from '../models';
import { wholeAudit } from './audit';
import { crewOf, defaultsOf } from './crews';
import { addHandovers, handoversOf } from './handovers';
import { getJob, insertJob } from './jobs';
import { listPeople } from './people';
import { addPlayed, everyRound } from './practice';
import { listProfiles, saveProfile } from './profiles';
import { addWeather, getWeather, listWeather } from './weather';

type JobLine = Extract<CrewLine, { kind: 'job' }>;

/** Fact changes and notes of a job. */
const passedOf = async (jobId: string): Promise<Pick<JobLine, 'changes' | 'notes'>> => {
  const changes = await models().FactChangeRow.findAll({ where: { jobId }, order: [['id', 'ASC']] });
  const notes = await select<{ at: Date; author: string; words: string }>(
    'SELECT at, author, words FROM job_notes WHERE job_id = :jobId ORDER BY at, id',
    { jobId },
  );
  return {
    changes: changes.map(({ revision, path, before, after, author, changedAt }) => ({
      revision,
      path,
      before,
      after,
      author,
      at: changedAt.toISOString(),
    })),
    notes: notes.map(({ at, ...note }) => ({ ...note, at: at.toISOString() })),
  };
};

/** One job with its whole history; null if it was deleted meanwhile. */
const jobLine = (scope: CrewScope, id: string): Promise<JobLine | null> =>
  inCrew(scope, async () => {
    const job = await getJob(scope, id);
    return (
      job && {
        kind: 'job',
        job: toJobFile(job.id, job.document, job, job.handedOverAt, await handoversOf(scope, id)),
        archivedAt: job.archivedAt,
        updatedAt: job.updatedAt,
        updatedBy: job.updatedBy,
        ...(await passedOf(id)),
      }
    );
  });

/** The crew and its people. */
const headOf = (scope: CrewScope): Promise<CrewLine[]> =>
  inCrew(scope, async () => {
    const { name, handle } = await crewOf(scope);
    const people = await listPeople(scope);
    return [
      { kind: 'crew', ...CREW_FILE, name, handle: handle ?? 'crew', defaults: await defaultsOf(scope) },
      ...people.map((person): CrewLine => ({
        kind: 'person',
        name: person.name,
        handle: person.handle,
        role: person.role,
        hasLeft: person.leftAt !== null,
      })),
    ];
  });

/** Every line of a crew file but the last; each part as of when it is read. */
async function* linesOf(scope: CrewScope): AsyncGenerator<CrewLine, void, void> {
  yield* await headOf(scope);
  for (const { profile, updatedBy } of await listProfiles(scope))
    yield { kind: 'controller', profile, author: updatedBy };
  for (const { id } of await listWeather(scope)) {
    const found = await getWeather(scope, id);
    if (!found) continue;
    const { addedAt: _, addedBy, ...year } = found;
    yield { kind: 'weather', ...year, author: addedBy };
  }
  for (const { person, played } of await everyRound(scope)) yield { kind: 'practiced', person, ...played };
  for await (const part of wholeAudit(scope)) for (const line of part) yield { kind: 'done', ...line };
  const ids = await inCrew(scope, () =>
    select<{ id: string }>('SELECT id FROM jobs WHERE deleted_at IS NULL ORDER BY id'),
  );
  for (const { id } of ids) {
    const line = await jobLine(scope, id);
    if (line) yield line;
  }
}

/**
 * All data of a crew, line by line; each job as of when it is read, so that a slow reader blocks nothing. Without
 * passwords, sessions and links.
 */
export async function* crewFile(scope: CrewScope): AsyncGenerator<string, void, void> {
  let lines = 0;
  for await (const line of linesOf(scope)) {
    lines++;
    yield crewLineText(line);
  }
  yield crewLineText({ kind: 'end', lines });
}

/** Imports a job with its history. */
const addJob = async (
  scope: CrewScope,
  { job, archivedAt, updatedAt, updatedBy, changes, notes }: JobLine,
): Promise<void> => {
  const id = job.id.toLowerCase();
  const { fileVersion, facts, confirmed } = job;
  const receivedMs = Date.now();
  const { name } = await crewOf(scope);
  const imported = { at: new Date(receivedMs).toISOString(), by: 'server', from: `Crew file of ${name}` };
  const history = historyNoLaterThan(job, receivedMs);
  if (!(await insertJob(id, { fileVersion, facts, confirmed }, history, job.handedOverAt, updatedBy, imported)))
    throw new Error(`Job ${id} appears twice in the file.`);
  await addHandovers(id, job.handovers, imported);
  await models().FactChangeRow.bulkCreate(
    changes.map(({ at, ...change }) => ({ ...change, jobId: id, changedAt: new Date(at) })),
  );
  for (const note of notes)
    await database().query(
      'INSERT INTO job_notes (job_id, id, at, author, words) VALUES (:id, gen_random_uuid(), :at, :author, :words)',
      { replacements: { ...note, id } },
    );
  // The next save continues from the last known change.
  const revision = Math.max(1, ...changes.map((change) => change.revision));
  await database().query(
    'UPDATE jobs SET archived_at = :archivedAt, updated_at = :updatedAt, revision = :revision WHERE id = :id',
    { replacements: { id, archivedAt, updatedAt, revision } },
  );
};

/** Imports one line of a crew file into a crew; its reader handles the first and last line. */
export const addLine = (scope: CrewScope, line: Exclude<CrewLine, { kind: 'crew' | 'end' }>): Promise<void> =>
  inCrew(scope, async () => {
    switch (line.kind) {
      case 'person':
        await database().query(
          `INSERT INTO people (id, handle, name, role, left_at)
           VALUES (gen_random_uuid(), :handle, :name, :role, CASE WHEN :hasLeft THEN now() END)`,
          { replacements: { ...line } },
        );
        return;
      case 'controller':
        {
          const { profile, author } = line;
          const saved = await saveProfile(scope, { saveId: randomUUID(), baseRevision: null, profile, author });
          if (saved.kind !== 'saved') throw new Error(`Controller ${profile.id} appears twice in the file.`);
        }
        return;
      case 'weather':
        await addWeather(scope, line);
        return;
      case 'job':
        return addJob(scope, line);
      case 'done':
        await database().query('INSERT INTO audit (at, person, did, subject) VALUES (:at, :person, :did, :subject)', {
          replacements: { ...line },
        });
        return;
      case 'practiced': {
        const { kind: _, person: handle, ...played } = line;
        // The name of someone who left may belong to someone else now: current members go first.
        const [person] = await select<{ id: string }>(
          'SELECT id FROM people WHERE handle = :handle ORDER BY left_at IS NOT NULL, id LIMIT 1',
          { handle },
        );
        if (!person) throw new Error(`Practice of ${handle}, who is not in the file before it.`);
        return addPlayed(scope, person.id, played);
      }
    }
  });
