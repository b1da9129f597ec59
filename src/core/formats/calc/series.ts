import { array, lazy, type Schema } from 'yup';

/** Ticks that one calculation takes at most: a year by the half minute. */
export const MOST_TICKS = 1_100_000;

/** A plain value that holds throughout, or a list with one value a tick. */
export const seriesOf = <T>(one: () => Schema<T>) =>
  lazy((value: unknown) =>
    Array.isArray(value)
      ? array(one().defined('must be given')).min(1, 'must hold at least one value').max(MOST_TICKS)
      : one().defined('must be given'),
  );

/** A series as a function of the tick; one that is shorter keeps its last value. */
export const seriesAt = <T>(series: T | readonly T[]): ((tick: number) => T) =>
  Array.isArray(series) ? (tick) => series[Math.min(tick, series.length - 1)] as T : () => series as T;
