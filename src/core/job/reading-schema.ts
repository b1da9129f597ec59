import { type InferType, lazy, mixed, object, string } from 'yup';
import { bounded, plainText, positive } from '../border/schema';
import { idSchema, uuid } from './id-schema';
import { completeOrigin, originSchema } from './origin-schema';
import type { Reading, ReadingValue } from './reading';
import { timeSchema } from './time-schema';

const numberValue = bounded(-1000, 1_000_000).defined();
/** Maximum length of an observation word with its mark. */
const MOST_SEEN = 160;
const VALUE_WORDS: ReadonlySet<unknown> = new Set(['OL', 'done', 'undone', null]);

const isSeen = (value: unknown): boolean =>
  typeof value === 'string' && value.length <= MOST_SEEN && /^seen:[^\u0000-\u001f\u007f]+$/.test(value);

const wordValue = mixed<ReadingValue>()
  .nullable()
  .defined('must be a number, OL, done or what was seen')
  .test('word', 'must be a number, OL, done or what was seen', (value) => VALUE_WORDS.has(value) || isSeen(value));

const waits = mixed<'waits'>().oneOf(['waits']);
const countersignSchema = object({
  by: plainText(80).required('must say who countersigned'),
  at: timeSchema.required('must be given'),
})
  .noUnknown('contains an unknown field')
  .nullable()
  .default(undefined)
  .typeError('must be "waits", who countersigned and when, or null');

/**
 * A reading from outside, validated. Fields that the first record version did not have may be missing: {@link
 * completeReading} fills them in.
 */
export const readingSchema = object({
  id: idSchema,
  item: string()
    .typeError('must name an item')
    .matches(/^[a-z0-9-]{1,40}\/[a-z0-9-]{1,60}$/i, 'must name an item, such as heat-aux/amps-1')
    .required('must name an item'),
  value: lazy((value: unknown) => (typeof value === 'number' ? numberValue : wordValue)),
  place: plainText(40).nullable().defined('must be given, or null'),
  at: timeSchema.required('must be given'),
  author: plainText(80).required('must say who read it'),
  instrument: plainText(80).defined('must be text'),
  replaces: uuid().nullable().defined('must be given, or null'),
  visit: uuid(),
  enteredBy: plainText(80),
  meterOhms: positive(1e12, 'Ω').nullable(),
  origin: originSchema(),
  note: plainText(500),
  status: mixed<Reading['status']>().oneOf(
    ['taken', 'withdrawn', 'not-measured'],
    'must be taken, withdrawn or not-measured',
  ),
  why: plainText(200),
  countersign: lazy((given: unknown) => (given === 'waits' ? waits : countersignSchema)),
})
  .noUnknown(({ unknown }) => `contains an unknown field: ${String(unknown).slice(0, 60)}`)
  .test({
    name: 'status',
    test: ({ status = 'taken', value, why, replaces }, context) => {
      const wrong = (path: string, message: string) =>
        context.createError({ path: context.path ? `${context.path}.${path}` : path, message });
      if (status === 'taken') return value !== null || wrong('value', 'must be a number, OL, done or what was seen');
      // Errors of other words are reported where they occur.
      if (status !== 'withdrawn' && status !== 'not-measured') return true;
      if (value !== null) return wrong('value', 'must be null: nothing was read');
      if (!why) return wrong('why', 'must say why');
      return status !== 'withdrawn' || replaces !== null || wrong('replaces', 'must name what is withdrawn');
    },
  });

/** A reading from outside. */
export type ReadingInput = InferType<typeof readingSchema>;

/**
 * Fills in what the first record version did not have; ids ignore case, as in the database.
 * @param visit visit of a reading that names none
 */
export const completeReading = (input: ReadingInput, visit: string): Reading => {
  const { status = 'taken', why, value, ...fields } = input;
  const full = {
    enteredBy: '',
    meterOhms: null,
    note: '',
    ...fields,
    countersign: fields.countersign ?? null,
    id: fields.id.toLowerCase(),
    visit: (fields.visit ?? visit).toLowerCase(),
    replaces: fields.replaces?.toLowerCase() ?? null,
    origin: completeOrigin(fields.origin),
  };
  return (
    status === 'taken' ? { ...full, status, value } : { ...full, status, value: null, why: why ?? '' }
  ) as Reading;
};
