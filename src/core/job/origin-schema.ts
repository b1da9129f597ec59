import { number, object } from 'yup';
import { bounded } from '../border/schema';
import { uuid } from './id-schema';
import type { Origin } from './in-time';

/** Maximum believable clock error, ms: about two hundred years. */
const MOST_OFFSET_MS = 7e12;

/** The device of an entry; missing parts come from older clients or files. */
export const originSchema = () =>
  object({
    device: uuid().required('must be given'),
    sequence: number()
      .typeError('must be a number')
      .integer('must be a whole number')
      .min(0)
      .max(Number.MAX_SAFE_INTEGER)
      .required('must be given'),
    clockOffsetMs: bounded(-MOST_OFFSET_MS, MOST_OFFSET_MS, 'ms').nullable().defined('must be given, or null'),
  })
    .noUnknown('contains an unknown field')
    .nullable()
    .default(undefined);

/** An entry's origin from outside; null if none is given. */
export const completeOrigin = (origin: Origin | null | undefined): Origin | null =>
  origin ? { ...origin, device: origin.device.toLowerCase() } : null;
