import { array, mixed, number, object, type Schema, string } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { isRecord } from '../../border/record';
import { isFactPath, JOB_FILE_VERSION } from '../../job/document';
import { movedPath } from '../../job/migrations';
import { readingSchema } from '../../job/reading-schema';
import { markSchema } from '../../job/setting-mark-schema';
import { visitSchema } from '../../job/visit-schema';
import type { JobDraft, Sending } from './draft';

const plainObject = () =>
  mixed((value: unknown): value is Record<string, unknown> => typeof value === 'object' && !Array.isArray(value));
const rows = () => array(mixed()).required('must be a list');

/** Version of drafts that name none. */
const FIRST_VERSION = 2;

const shapeSchema = object({
  fileVersion: number().integer().min(1).optional(),
  baseRevision: number().required('must be given'),
  pending: plainObject().required('must be given'),
  outbox: rows(),
  marksOut: array(mixed()).optional().default(undefined),
  visitsOut: array(mixed()).optional().default(undefined),
  typed: plainObject().optional().default(undefined),
  sending: object({
    saveId: string().required('must be given'),
    baseRevision: number().required('must be given'),
    pending: plainObject().required('must be given'),
  })
    .nullable()
    .default(undefined),
});

/** A draft as read from a device. */
export interface ReadDraft {
  readonly draft: JobDraft;
  /** Entries that this version cannot read, as a draft of their own; null: none. They stay stored. */
  readonly unread: Partial<JobDraft> | null;
}

const split = <Row>(all: readonly Row[], isGood: (row: Row) => boolean) => ({
  good: all.filter(isGood),
  bad: all.filter((row) => !isGood(row)),
});

/** Whether a row is valid, but for the name of who made it, which may still be asked. */
const isRow = (schema: Schema) => (row: unknown) => {
  const named = isRecord(row) && row.author === '' ? { ...row, author: 'unnamed' } : row;
  return schema.isValidSync(named, { strict: true });
};

/** Changes of facts, on their paths of this version. */
const changesOf = (pending: Readonly<Record<string, unknown>>, version: number) => {
  const moved = Object.entries(pending).map(([path, value]) => [movedPath(path, version), value] as const);
  const { good, bad } = split(moved, ([path]) => isFactPath(path));
  return { good: Object.fromEntries(good), bad: Object.fromEntries(bad) };
};

/** Number of facts, readings and marks in a draft. */
export const countOfDraft = ({
  pending = {},
  outbox = [],
  marksOut = [],
}: Partial<Pick<JobDraft, 'pending' | 'outbox' | 'marksOut'>>): number =>
  Object.keys(pending).length + outbox.length + marksOut.length;

/**
 * Reads a job draft from a device or a file, of this version or an older one. Whatever is readable is taken; the rest
 * is returned as it is, so that nothing is lost.
 */
export const readJobDraft = (value: unknown): Parsed<ReadDraft> => {
  const parsed = parseWith(shapeSchema, value);
  if (!parsed.ok) return parsed;
  const {
    fileVersion: version = FIRST_VERSION,
    baseRevision,
    pending,
    outbox,
    marksOut = [],
    visitsOut = [],
    typed,
    sending,
  } = parsed.value;
  const [readings, marks, visits] = [
    split(outbox, isRow(readingSchema)),
    split(marksOut, isRow(markSchema)),
    split(visitsOut, isRow(visitSchema)),
  ];
  const changed = changesOf(pending, version);
  const draft: JobDraft = {
    fileVersion: JOB_FILE_VERSION,
    baseRevision,
    pending: changed.good,
    outbox: readings.good as unknown as JobDraft['outbox'],
    marksOut: marks.good as unknown as JobDraft['marksOut'],
    visitsOut: visits.good as unknown as JobDraft['visitsOut'] & object,
    ...(typed === undefined ? {} : { typed: typed as JobDraft['typed'] & object }),
    sending: sending ? ({ ...sending, pending: changesOf(sending.pending, version).good } as Sending) : null,
  };
  const unread = {
    baseRevision,
    pending: changed.bad,
    outbox: readings.bad as unknown as JobDraft['outbox'],
    marksOut: marks.bad as unknown as JobDraft['marksOut'],
  };
  return { ok: true, value: { draft, unread: countOfDraft(unread) > 0 ? unread : null } };
};
