import { array, lazy, mixed, number, type Schema } from 'yup';
import { bounded } from '../../border/schema';

/** Maximum ticks of one calculation: a year in half-minutes. */
const MOST_TICKS = 1_100_000;

/** A whole number of ticks. */
export const tickCount = () =>
  number().typeError('must be a whole number').integer('must be whole').min(1).max(MOST_TICKS);

/** Length of a tick, min. */
export const tickLength = () => bounded(0.001, 1440, 'min').required('must be given, min');

/** A boolean. */
export const onOrOff = () => mixed<0 | 1 | boolean>().oneOf([0, 1, true, false], 'must be 0 or 1');

/** A constant, or a list with one value per tick. */
export const seriesOf = <T>(one: () => Schema<T>) =>
  lazy((value: unknown) =>
    Array.isArray(value)
      ? array(one().defined('must be given')).min(1, 'must have at least one value').max(MOST_TICKS)
      : one().defined('must be given'),
  );

/** A series as a function of the tick; the last value repeats. */
export const seriesAt = <T>(series: T | readonly T[]): ((tick: number) => T) =>
  Array.isArray(series) ? (tick) => series[Math.min(tick, series.length - 1)] as T : () => series as T;
