import { array, boolean, lazy, mixed, number, object, type Schema, string } from 'yup';
import { isRole, type Role } from '../access/role';
import type { NewWeather } from '../balance/year/stored-weather';
import { weatherFields } from '../balance/year/weather-schema';
import { ownValue } from '../border/own-value';
import { type Parsed, parseJson, parseWith } from '../border/parse';
import { plainText } from '../border/schema';
import { timeSchema } from '../job/time-schema';
import { type CrewDefaults, crewDefaultsSchema } from '../new-job/crew-defaults';
import type { Played } from '../practice/progress';
import { playedFields } from '../practice/round-schema';
import type { ControllerProfile } from '../setup/profiles/profile';
import { profileSchema } from '../setup/profiles/schema';
import { type JobFile, parseJobFile } from './job-file';
import { MAX_JOB_FILE_BYTES, MOST_FILE_VALUES } from './job-file-limit';

/**
 * All data of a crew as one file: lines of JSON, the crew first, then its data in any order, and a last line with the
 * line count, to detect a truncated file.
 */
export const CREW_FILE = { format: 'gate-cross-crew', fileVersion: 2 } as const;

/** Versions that are read: the first had no practice. */
const READ_VERSIONS = [1, CREW_FILE.fileVersion] as const;

/** Maximum line length, characters: a job with all its records is one line. */
export const MAX_CREW_LINE_CHARS = 2 * MAX_JOB_FILE_BYTES;

/** A change of a fact. */
export interface PassedChange {
  readonly revision: number;
  readonly path: string;
  readonly before: unknown;
  readonly after: unknown;
  readonly author: string;
  readonly at: string;
}

/** A crew lead's note on a job; an empty one removed the note before it. */
export interface PassedNote {
  readonly at: string;
  readonly author: string;
  readonly words: string;
}

/** One line of a crew's file. */
export type CrewLine =
  | {
      readonly kind: 'crew';
      readonly format: typeof CREW_FILE.format;
      readonly fileVersion: (typeof READ_VERSIONS)[number];
      readonly name: string;
      readonly handle: string;
      readonly defaults: CrewDefaults;
    }
  | {
      readonly kind: 'person';
      readonly name: string;
      readonly handle: string;
      readonly role: Role;
      readonly hasLeft: boolean;
    }
  | { readonly kind: 'controller'; readonly profile: ControllerProfile; readonly author: string }
  | ({ readonly kind: 'weather' } & NewWeather)
  | {
      readonly kind: 'job';
      readonly job: JobFile;
      readonly archivedAt: string | null;
      readonly updatedAt: string;
      readonly updatedBy: string;
      readonly changes: readonly PassedChange[];
      readonly notes: readonly PassedNote[];
    }
  | {
      readonly kind: 'done';
      readonly at: string;
      readonly person: string;
      readonly did: string;
      readonly subject: string;
    }
  /** A round of practice, by the sign-in name of who played it. */
  | ({ readonly kind: 'practiced'; readonly person: string } & Played)
  | { readonly kind: 'end'; readonly lines: number };

const name = () => plainText(80).required('must be given');
const by = () => plainText(80).defined('must be text');
const handle = () =>
  string()
    .matches(/^[a-z0-9-]{1,40}$/, 'must be small letters, digits and dashes')
    .required();
const kind = <K extends CrewLine['kind']>(is: K) => string<K>().oneOf([is]).required();
const unknown = ({ unknown: names }: { unknown?: unknown }) =>
  `contains an unknown field: ${String(names).slice(0, 60)}`;

const changes = array(
  object({
    revision: number().integer().min(1).required('must be given'),
    // The change of a fact that no longer exists is kept.
    path: plainText(80).required('must name a fact'),
    before: mixed().nullable(),
    after: mixed().nullable(),
    author: by(),
    at: timeSchema.required('must be given'),
  })
    .noUnknown(unknown)
    .required('must be a change'),
).required('must be a list of changes');

const notes = array(
  object({ at: timeSchema.required('must be given'), author: by(), words: plainText(500).defined('must be text') })
    .noUnknown(unknown)
    .required('must be a note'),
).required('must be a list of notes');

const LINES: Readonly<Record<CrewLine['kind'], Schema>> = {
  crew: object({
    kind: kind('crew'),
    format: string().oneOf([CREW_FILE.format], `must be "${CREW_FILE.format}"`).required(),
    fileVersion: number().oneOf(READ_VERSIONS, 'is of a version that is not known').required(),
    name: name(),
    handle: handle(),
    defaults: crewDefaultsSchema,
  }).noUnknown(unknown),
  person: object({
    kind: kind('person'),
    name: name(),
    handle: handle(),
    role: string<Role>()
      .required('must be given')
      .test('role', 'is no role of a crew', (text) => isRole(text)),
    hasLeft: boolean().required('must be true or false'),
  }).noUnknown(unknown),
  controller: object({
    kind: kind('controller'),
    profile: profileSchema.required('must be given'),
    author: by(),
  }).noUnknown(unknown),
  weather: object({ kind: kind('weather'), ...weatherFields, author: by() }).noUnknown(unknown),
  job: object({
    kind: kind('job'),
    job: mixed().required('must be given'),
    archivedAt: timeSchema.nullable().defined('must be a time, or null'),
    updatedAt: timeSchema.required('must be given'),
    updatedBy: by(),
    changes,
    notes,
  }).noUnknown(unknown),
  done: object({
    kind: kind('done'),
    at: timeSchema.required('must be given'),
    person: by(),
    did: plainText(200).defined('must be text'),
    subject: plainText(200).defined('must be text'),
  }).noUnknown(unknown),
  practiced: object({ kind: kind('practiced'), person: handle(), ...playedFields }).noUnknown(unknown),
  end: object({ kind: kind('end'), lines: number().integer().min(1).required('must be given') }).noUnknown(unknown),
};

const lineSchema = lazy(
  (line: { kind?: unknown } | undefined) =>
    ownValue(LINES, String(line?.kind)) ??
    object({
      kind: mixed()
        .oneOf(Object.keys(LINES), `must be one of ${Object.keys(LINES).join(', ')}`)
        .required(),
    }),
);

/** Parses one line of a crew file; a job in it is parsed like a job file. */
export const parseCrewLine = (text: string): Parsed<CrewLine> => {
  if (text.length > MAX_CREW_LINE_CHARS)
    return { ok: false, path: '', error: `is longer than ${MAX_CREW_LINE_CHARS / 1e6} million characters` };
  const json = parseJson(text, MOST_FILE_VALUES);
  if (!json.ok) return json;
  const line = parseWith(lineSchema as unknown as Schema<CrewLine>, json.value);
  if (!line.ok || line.value.kind !== 'job') return line;
  const job = parseJobFile(line.value.job);
  return job.ok
    ? { ok: true, value: { ...line.value, job: job.value } }
    : { ...job, path: ['job', job.path].filter(Boolean).join('.') };
};

/** Writes one line of a crew file. */
export const crewLineText = (line: CrewLine): string => `${JSON.stringify(line)}\n`;
