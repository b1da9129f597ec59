import { array, number, object, string } from 'yup';
import { type Parsed, parseJson, parseWith } from '../border/parse';
import { isRecord } from '../border/record';
import { handoverSchema, type KeptHandover } from '../handover/record-schema';
import { completeHistory } from '../job/complete-history';
import { type FactPath, type Facts, JOB_FILE_VERSION, type JobDocument } from '../job/document';
import { idSchema } from '../job/id-schema';
import { migratedFacts, movedPath } from '../job/migrations';
import { readingSchema } from '../job/reading-schema';
import { confirmedSchema, factsSchema } from '../job/schema';
import { markSchema } from '../job/setting-mark-schema';
import type { JobHistory } from '../job/stored-job';
import { timeSchema } from '../job/time-schema';
import { visitSchema } from '../job/visit-schema';
import { JOB_FILE_MOST, MAX_JOB_FILE_BYTES, MOST_FILE_VALUES } from './job-file-limit';

const FORMAT = 'gate-cross-job';

/** A whole job as one file: facts, confirmed facts, visits, all readings, and all setting marks. */
export interface JobFile extends JobHistory {
  readonly format: typeof FORMAT;
  readonly fileVersion: typeof JOB_FILE_VERSION;
  readonly id: string;
  readonly facts: Facts;
  readonly confirmed: readonly FactPath[];
  readonly handedOverAt: string | null;
  /** Handover records, as printed. */
  readonly handovers: readonly KeptHandover[];
}

const haveOwnIds = (rows: readonly { readonly id?: string }[] | undefined) =>
  new Set(rows?.map((row) => row?.id)).size === rows?.length;

const schema = object({
  format: string()
    .oneOf([FORMAT] as const, `must be "${FORMAT}"`)
    .required(`must be "${FORMAT}"`),
  fileVersion: number()
    .oneOf(Array.from({ length: JOB_FILE_VERSION }, (_, before) => before + 1))
    .required(),
  id: idSchema,
  facts: factsSchema.required('must be given'),
  confirmed: confirmedSchema.required('must be a list of fact paths'),
  handedOverAt: timeSchema.nullable().defined('must be a time, or null'),
  readings: array(readingSchema)
    .max(JOB_FILE_MOST.readings, `must be at most ${JOB_FILE_MOST.readings} readings`)
    .required('must be a list of readings')
    .test('ids', 'two readings have the same id', haveOwnIds),
  visits: array(visitSchema)
    .max(JOB_FILE_MOST.visits, `must be at most ${JOB_FILE_MOST.visits} visits`)
    .required('must be a list of visits')
    .test('ids', 'two visits have the same id', haveOwnIds),
  handovers: array(handoverSchema)
    .max(JOB_FILE_MOST.handovers, `must be at most ${JOB_FILE_MOST.handovers} records`)
    .required('must be a list of records')
    .test('ids', 'two records have the same id', haveOwnIds),
  settingMarks: array(markSchema)
    .max(JOB_FILE_MOST.settingMarks, `must be at most ${JOB_FILE_MOST.settingMarks} marks`)
    .required('must be a list of marks')
    .test('ids', 'two marks have the same id', haveOwnIds),
}).noUnknown(({ unknown }) => `contains an unknown field: ${String(unknown).slice(0, 60)}`);

const isOpenObject = (input: unknown): Parsed<Record<string, unknown>> => {
  if (!isRecord(input)) return { ok: false, path: '', error: 'This is not a job file: it must be a JSON object.' };
  const { fileVersion, format } = input;
  if (format !== FORMAT) return { ok: false, path: 'format', error: `must be "${FORMAT}"; this is some other file` };
  if (typeof fileVersion !== 'number' || !Number.isInteger(fileVersion) || fileVersion < 1)
    return { ok: false, path: 'fileVersion', error: 'must be a whole number from 1' };
  if (fileVersion > JOB_FILE_VERSION)
    return {
      ok: false,
      path: 'fileVersion',
      error: `is version ${fileVersion}, from a newer release. This one reads up to version ${JOB_FILE_VERSION}; update first.`,
    };
  return { ok: true, value: input };
};

/**
 * Validates a job file parsed from JSON. Missing facts take their assumption, missing lists are empty, and entries
 * without a visit are put into visits by time; nothing else is repaired.
 */
export const parseJobFile = (input: unknown): Parsed<JobFile> => {
  const open = isOpenObject(input);
  if (!open.ok) return open;
  const { fileVersion, confirmed } = open.value;
  const version = fileVersion as number;
  const parsed = parseWith(schema, {
    settingMarks: [],
    visits: [],
    handovers: [],
    ...open.value,
    facts: migratedFacts(open.value.facts, version),
    ...(Array.isArray(confirmed)
      ? { confirmed: confirmed.map((path) => (typeof path === 'string' ? movedPath(path, version) : path)) }
      : {}),
  });
  if (!parsed.ok) return parsed;
  const { readings, settingMarks, visits, ...rest } = parsed.value;
  const history = completeHistory({ readings, settingMarks, visits });
  return { ok: true, value: { ...rest, fileVersion: JOB_FILE_VERSION, ...history } as unknown as JobFile };
};

/** Validates the text of a job file; a file that is too large is refused unread. */
export const parseJobFileText = (text: string): Parsed<JobFile> => {
  if (text.length > MAX_JOB_FILE_BYTES)
    return {
      ok: false,
      path: '',
      error: `The file is over ${MAX_JOB_FILE_BYTES / 1e6} MB, too big for a job file. Check that it is the right file.`,
    };
  const json = parseJson(text, MOST_FILE_VALUES);
  return json.ok ? parseJobFile(json.value) : json;
};

/** Builds a job file. */
export const toJobFile = (
  id: string,
  document: JobDocument,
  { readings, settingMarks, visits }: JobHistory,
  handedOverAt: string | null,
  handovers: readonly KeptHandover[] = [],
): JobFile => ({
  format: FORMAT,
  fileVersion: JOB_FILE_VERSION,
  id,
  facts: document.facts,
  confirmed: document.confirmed,
  handedOverAt,
  visits,
  readings,
  settingMarks,
  handovers,
});

/** The job document in a file. */
export const documentOf = ({ fileVersion, facts, confirmed }: JobFile): JobDocument => ({
  fileVersion,
  facts,
  confirmed,
});

/** Why a job cannot be exported and read back, in words; null if it can. Asked before more is accepted. */
export const jobFileProblem = (file: JobFile): string | null => {
  const over = (Object.keys(JOB_FILE_MOST) as (keyof typeof JOB_FILE_MOST)[]).find(
    (rows) => file[rows].length > JOB_FILE_MOST[rows],
  );
  const words = { readings: 'readings', settingMarks: 'setting marks', visits: 'visits', handovers: 'records' };
  if (over) return `This job is full: it has ${JOB_FILE_MOST[over]} ${words[over]}. Duplicate it and go on there.`;
  const isLarge = file.readings.length + file.settingMarks.length > 2000 || file.handovers.length > 20;
  return isLarge && JSON.stringify(file).length > MAX_JOB_FILE_BYTES / 2
    ? 'This job is full: its file would be too large to be read again. Duplicate it and go on there.'
    : null;
};
