import { number, object } from 'yup';
import { bounded } from '../border/schema';
import { uuid } from './id-schema';
import type { Origin } from './in-time';

/** Farther off no clock of a device is believed, ms: some two hundred years. */
const MOST_OFFSET_MS = 7e12;

/** The device something was entered on; what an older client or file does not say is missing. */
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

/** An origin as it came through the border; null where none is told. */
export const completeOrigin = (origin: Origin | null | undefined): Origin | null =>
  origin ? { ...origin, device: origin.device.toLowerCase() } : null;
