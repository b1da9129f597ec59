import { randomUUID } from 'node:crypto';
import type { Company, JobMark } from '../../core/access/company';
import { type CrewScope, inCrew, selectInCrew } from '../crew';
import { database, select } from '../database';
import { hasJob } from './jobs';

/** Minutes without a report after which someone counts as gone; pages report every minute. */
const GONE_AFTER_MIN = 3;

/** SQL: the newest note of a job `j`. */
export const NEWEST_NOTE = `(SELECT n.words FROM job_notes n
  WHERE n.crew_id = j.crew_id AND n.job_id = j.id ORDER BY n.at DESC LIMIT 1)`;

const IS_ON_IT = `seen.seen_at > now() - interval '${GONE_AFTER_MIN} minutes'`;

/** SQL: names of people who have a job `j` open. */
export const PRESENT_PEOPLE = `(SELECT array_agg(p.name ORDER BY p.name) FROM presence seen
  JOIN people p ON p.crew_id = seen.crew_id AND p.id = seen.person_id
  WHERE seen.crew_id = j.crew_id AND seen.job_id = j.id AND ${IS_ON_IT})`;

interface NoteRow {
  readonly words: string;
  readonly author: string;
  readonly at: Date;
}

/** The present note on a job: the newest, unless it removed the one before; null if none. */
export const noteOf = async (scope: CrewScope, jobId: string): Promise<Company['note']> => {
  const [note] = await selectInCrew<NoteRow>(
    scope,
    'SELECT words, author, at FROM job_notes WHERE job_id = :jobId ORDER BY at DESC LIMIT 1',
    { jobId },
  );
  return note && note.words !== '' ? { ...note, at: note.at.toISOString() } : null;
};

/** Records a person's presence on a job; returns its note and who else is there, null if there is no such job. */
export const markPresent = (scope: CrewScope, jobId: string, personId: string): Promise<Company | null> =>
  inCrew(scope, async () => {
    if (!(await hasJob(jobId))) return null;
    await database().query(
      `INSERT INTO presence (job_id, person_id) VALUES (:jobId, :personId)
       ON CONFLICT (crew_id, job_id, person_id) DO UPDATE SET seen_at = now()`,
      { replacements: { jobId, personId } },
    );
    const others = await select<{ name: string }>(
      `SELECT p.name FROM presence seen JOIN people p ON p.crew_id = seen.crew_id AND p.id = seen.person_id
       WHERE seen.job_id = :jobId AND seen.person_id <> :personId AND ${IS_ON_IT} ORDER BY p.name`,
      { jobId, personId },
    );
    const [at] = await select<JobMark>(
      `SELECT revision, (SELECT count(*) FROM readings r WHERE r.crew_id = j.crew_id AND r.job_id = j.id)::int
                      + (SELECT count(*) FROM setting_marks m WHERE m.crew_id = j.crew_id AND m.job_id = j.id)::int
                      + (SELECT count(*) FROM visits v WHERE v.crew_id = j.crew_id AND v.job_id = j.id)::int AS rows
       FROM jobs j WHERE j.id = :jobId`,
      { jobId },
    );
    return { note: await noteOf(scope, jobId), others: others.map(({ name }) => name), at: at! };
  });

/** Replaces the note on a job; the record keeps the old one. False if there is no such job. */
export const saveNote = (scope: CrewScope, jobId: string, words: string, author: string): Promise<boolean> =>
  inCrew(scope, async () => {
    if (!(await hasJob(jobId))) return false;
    await database().query('INSERT INTO job_notes (job_id, id, author, words) VALUES (:jobId, :id, :author, :words)', {
      replacements: { jobId, id: randomUUID(), author, words },
    });
    return true;
  });
