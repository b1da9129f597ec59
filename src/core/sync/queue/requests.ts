import type { EnteredBy } from '../../access/entered-by';
import type { NewWeather } from '../../balance/year/stored-weather';
import type { JobFile } from '../../formats/job-file';
import type { HandoverRecord } from '../../handover/record';
import type { FactChange } from '../../job/document';
import type { Played } from '../../practice/progress';
import type { ControllerProfile } from '../../setup/profiles/profile';
import type { QueuedRequest } from './queued-request';

/** A request to queue; the device adds the time. */
export type NewRequest = Omit<QueuedRequest, 'at' | 'problem'>;

const from = ({ personId, crewId }: EnteredBy) => ({ personId, crewId });

/** What follows a job's other entries. */
const onJob = (id: string, jobId: string, to: 'move' | 'notes', by: EnteredBy) =>
  ({ ...from(by), id, about: jobId, phase: 'after', path: `/api/jobs/${jobId}/${to}`, method: 'POST' }) as const;

/** Creates a job that began on this device, under its id there. */
export const newJob = (id: string, name: string, changes: readonly FactChange[], by: EnteredBy): NewRequest => ({
  ...from(by),
  id,
  about: id,
  phase: 'before',
  words: `New job: ${name || 'New job'}`,
  path: '/api/jobs',
  method: 'POST',
  body: { id, from: 'blank', name, ...(changes.length > 0 ? { changes } : {}) },
});

/** Creates a job copied on this device, as it was when copied. */
export const duplicatedJob = (id: string, name: string, file: JobFile, by: EnteredBy): NewRequest => ({
  ...from(by),
  id,
  about: id,
  phase: 'before',
  words: `Duplicated: ${name}`,
  path: `/api/jobs/import?copyId=${id}`,
  method: 'POST',
  body: file,
});

/** Archives a job, unless someone else saved it since the given revision. */
export const archivedJob = (
  id: string,
  { jobId, name, revision }: { readonly jobId: string; readonly name: string; readonly revision: number },
  by: EnteredBy,
): NewRequest => ({
  ...onJob(id, jobId, 'move', by),
  words: `Archived: ${name}`,
  body: { action: 'archive', revision },
});

/** Hands a job over after its other entries; with what was seen: if someone changed the job since, it is refused. */
export const handedOverJob = (
  id: string,
  jobId: string,
  seen: { readonly outdoorF: number; readonly indoorF: number; readonly printed: HandoverRecord },
  by: EnteredBy,
): NewRequest => ({
  ...onJob(id, jobId, 'move', by),
  words: `Handed over: ${seen.printed.name}`,
  body: { action: 'hand-over', ...seen },
});

/** Leaves a note on a job. */
export const jobNote = (id: string, jobId: string, words: string, by: EnteredBy): NewRequest => ({
  ...onJob(id, jobId, 'notes', by),
  words: words === '' ? 'Note removed' : `Note: ${words.slice(0, 120)}`,
  body: { words },
});

/** Creates a controller profile. */
export const newController = (saveId: string, profile: ControllerProfile, by: EnteredBy): NewRequest => ({
  ...from(by),
  id: saveId,
  about: profile.id,
  phase: 'before',
  words: `Controller: ${profile.name || 'unnamed'}`,
  path: '/api/profiles',
  method: 'PUT',
  body: { saveId, baseRevision: null, profile },
});

/** Stores an imported year of weather. */
export const newWeatherYear = (year: Omit<NewWeather, 'author'>, by: EnteredBy): NewRequest => {
  const { id, name, filled, hoursF, humidity } = year;
  return {
    ...from(by),
    id,
    about: id,
    phase: 'before',
    words: `Weather: ${name}`,
    path: '/api/weather',
    method: 'POST',
    body: { id, name, filled, hoursF, humidity },
  };
};

/** Stores the result of a practice round. */
export const playedRound = (played: Played, by: EnteredBy): NewRequest => ({
  ...from(by),
  id: played.id,
  about: played.id,
  phase: 'after',
  words: `Practice: ${played.title}`,
  path: '/api/practice',
  method: 'POST',
  body: played,
});
