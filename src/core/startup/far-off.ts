import type { Expectation } from './step';

/** Whether a number lies within limits, inclusive. */
export const isWithin = (value: number, [low, high]: readonly [number, number]): boolean =>
  value >= low && value <= high;

/** Whether a number is so far off that it is not worth a recheck. */
export const isFarOff = (value: number, { pass, warn }: Extract<Expectation, { kind: 'band' }>): boolean =>
  !isWithin(value, warn) && !isWithin(value, pass);
