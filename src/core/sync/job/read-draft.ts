import { array, mixed, number, object, type Schema, string } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { isRecord } from '../../job/assumptions';
import { isFactPath } from '../../job/document';
import { readingSchema } from '../../job/reading-schema';
import { markSchema } from '../../job/setting-mark-schema';
import { visitSchema } from '../../job/visit-schema';
import type { JobDraft, Sending } from './draft';

const plainObject = () =>
  mixed((value: unknown): value is Record<string, unknown> => typeof value === 'object' && !Array.isArray(value));
const rows = () => array(mixed()).required('must be a list');

const shapeSchema = object({
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

const facts = (pending: Readonly<Record<string, unknown>>) => {
  const { good, bad } = split(Object.entries(pending), ([path]) => isFactPath(path));
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
  const { baseRevision, pending, outbox, marksOut = [], visitsOut = [], typed, sending } = parsed.value;
  const [readings, marks, visits] = [
    split(outbox, isRow(readingSchema)),
    split(marksOut, isRow(markSchema)),
    split(visitsOut, isRow(visitSchema)),
  ];
  const changed = facts(pending);
  const draft: JobDraft = {
    baseRevision,
    pending: changed.good,
    outbox: readings.good as unknown as JobDraft['outbox'],
    marksOut: marks.good as unknown as JobDraft['marksOut'],
    visitsOut: visits.good as unknown as JobDraft['visitsOut'] & object,
    ...(typed === undefined ? {} : { typed: typed as JobDraft['typed'] & object }),
    sending: sending ? ({ ...sending, pending: facts(sending.pending).good } as Sending) : null,
  };
  const unread = {
    baseRevision,
    pending: changed.bad,
    outbox: readings.bad as unknown as JobDraft['outbox'],
    marksOut: marks.bad as unknown as JobDraft['marksOut'],
  };
  return { ok: true, value: { draft, unread: countOfDraft(unread) > 0 ? unread : null } };
};
