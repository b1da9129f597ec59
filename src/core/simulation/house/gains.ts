import { minuteOfDay } from '../clock';

/**
 * Gains from people, lights and sun by hour, relative to their mean: low at night, highest with the sun and at supper.
 * Our judgment; the mean of a day is one.
 */
const SHARES = [
  0.5, 0.5, 0.5, 0.5, 0.5, 0.6, 0.9, 1.1, 1.1, 1.1, 1.2, 1.3, 1.3, 1.3, 1.3, 1.3, 1.3, 1.4, 1.5, 1.4, 1.2, 1, 0.7, 0.5,
] as const;

const MEAN = SHARES.reduce((sum, each) => sum + each, 0) / SHARES.length;

/** Lowest gains relative to their mean. */
export const LEAST_GAINS = Math.min(...SHARES) / MEAN;

/** Gains at a minute of a run, relative to their mean. */
export const gainsShareAt = (atMin: number): number => SHARES[Math.floor(minuteOfDay(atMin) / 60)]! / MEAN;
