import { lazy, mixed, object, string } from 'yup';
import { bounded, plainText } from '../border/schema';
import type { ReadingValue } from './reading';

const uuid = () =>
  string()
    .typeError('must be a UUID')
    .matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i, 'must be a UUID');

/** An id made by the client, so that a save sent twice lands once. */
export const idSchema = uuid().required('must be given');

/** Whether a text is an id. */
export const isId = (text: string): boolean => idSchema.isValidSync(text, { strict: true });

/** Years that a record can be of. */
const YEARS = [1970, 2200] as const;

/** Whether a day of the calendar is one that there is: no 30th of February, no year 0. */
const isRealTime = (text: string): boolean => {
  const time = new Date(text);
  if (Number.isNaN(time.getTime())) return false;
  const year = time.getUTCFullYear();
  return year >= YEARS[0] && year < YEARS[1] && time.toISOString().slice(0, 10) === text.slice(0, 10);
};

/** A moment in time, ISO 8601 in UTC. */
export const timeSchema = string()
  .typeError('must be a time')
  .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,9})?Z$/, 'must be a time such as 2026-01-31T14:05:00Z')
  .test('real', 'is no day of the calendar; check the date', (value) => !value || isRealTime(value));

const numberValue = bounded(-1000, 1_000_000).defined();
const wordValue = mixed<ReadingValue>()
  .oneOf(['OL', 'done', 'undone'], 'must be a number, OL or done')
  .required('must be a number, OL or done');

/** One reading as it comes through the border. */
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
}).noUnknown(({ unknown }) => `holds something that is not known: ${String(unknown).slice(0, 60)}`);
