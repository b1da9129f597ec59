import { array, mixed, number, object, type Schema, string } from 'yup';
import { parseWith } from '../border/parse';
import { isRecord } from '../border/record';
import type { StoredJob } from '../job/stored-job';
import type { Visit } from '../job/visit';
import type { StoredProfile } from '../setup/profiles/stored-profile';
import type { Answer } from './answer';

/** Rows that the server stored, with their visits, and all visits of the job. */
export interface LandedRows {
  readonly rows: readonly { readonly id: string; readonly visit: string }[];
  readonly visits: readonly Visit[];
}

const record = () => mixed((value: unknown): value is object => isRecord(value)).required('must be given');
/** Rows that the server has validated; their ids are what this device goes by. */
const rows = () => array(object({ id: string().required('must be given') })).required('must be a list');
const time = () => string().nullable().defined('must be a time, or null');

const jobSchema = object({
  id: string().required('must be given'),
  revision: number().integer().min(1).required('must be given'),
  document: object({ facts: record(), confirmed: array(string().required()).required('must be a list') }),
  readings: rows(),
  settingMarks: rows(),
  visits: rows(),
  handedOverAt: time(),
  archivedAt: time(),
  updatedAt: string().required('must be given'),
});

const landedSchema = object({
  rows: array(object({ id: string().required('must be given'), visit: string().required('must be given') })).required(
    'must be a list',
  ),
  visits: rows(),
});

const profileSchema = object({
  profile: object({ id: string().required('must be given'), entries: array().required('must be a list') }),
  revision: number().nullable().defined('must be given, or null'),
});

/**
 * Reads an answer through a schema. An answer in another shape, as of something between here and the server, is none:
 * what was sent stays here and is sent again.
 */
const readAs =
  <T>(schema: Schema) =>
  (answer: Answer<unknown>): Answer<T> => {
    if (answer.kind !== 'ok') return answer;
    const read = parseWith(schema, answer.value);
    return read.ok
      ? { kind: 'ok', value: answer.value as T }
      : { kind: 'lost', error: 'The server’s answer could not be read.' };
  };

/** Reads the answer to a save of facts. */
export const readJobAnswer = readAs<StoredJob>(jobSchema);
/** Reads the answer to readings or marks. */
export const readLanded = readAs<LandedRows>(landedSchema);
/** Reads the answer to a save of a profile. */
export const readProfileAnswer = readAs<StoredProfile>(profileSchema);

/** The job as someone else saved it, from a refusal; null if there is none. */
export const theirJob = (body: unknown): StoredJob | null => {
  const job = isRecord(body) ? body.job : undefined;
  return jobSchema.isValidSync(job, { strict: true }) ? (job as unknown as StoredJob) : null;
};

/** The profile as someone else saved it, from a refusal; null if there is none. */
export const theirProfile = (body: unknown): StoredProfile | null => {
  const stored = isRecord(body) ? body.stored : undefined;
  return profileSchema.isValidSync(stored, { strict: true }) ? (stored as unknown as StoredProfile) : null;
};
