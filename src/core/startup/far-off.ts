import type { Expectation } from './step';

/** Whether a number lies within limits, both ends counted. */
export const isWithin = (value: number, [low, high]: readonly [number, number]): boolean =>
  value >= low && value <= high;

/** Whether a number is so far off what is expected that it would not even be looked at again. */
export const isFarOff = (value: number, { pass, warn }: Extract<Expectation, { kind: 'band' }>): boolean =>
  !isWithin(value, warn) && !isWithin(value, pass);
