import { roundTo } from '../units/round';
import type { Expectation } from './step';

/** Limits of a 24 V supply and of a terminal that should be hot, V. */
const HOT_PASS = [21, 28] as const;
const HOT_WARN = [18, 30] as const;
/** A terminal that should be dead: below the first it is, up to the second it is a ghost. */
const DEAD_PASS_VOLTS = 3;
const DEAD_WARN_VOLTS = 12;

/** Control volts that should be there; `volts` is what the solved circuit predicts. */
export const expectHot = (volts: number, sum: string): Expectation => ({
  kind: 'band',
  aim: volts,
  pass: HOT_PASS,
  warn: HOT_WARN,
  tolerance: `${HOT_PASS[0]} to ${HOT_PASS[1]} V`,
  sum,
});

/** A terminal that should be dead. */
export const expectDead = (volts: number, sum: string): Expectation => ({
  kind: 'band',
  aim: volts,
  pass: [0, DEAD_PASS_VOLTS],
  warn: [0, DEAD_WARN_VOLTS],
  tolerance: `under ${DEAD_PASS_VOLTS} V`,
  sum,
});

/**
 * A value with tolerances in percent.
 * @param down share that it may fall short, up: share that it may exceed; the warning limits are twice as wide
 */
export const expectWithin = (aim: number, down: number, up: number, sum: string): Expectation => ({
  kind: 'band',
  aim,
  pass: [aim * (1 - down), aim * (1 + up)],
  warn: [aim * (1 - 2 * down), aim * (1 + 2 * up)],
  tolerance: down === up ? `±${roundTo(up * 100, 0)} %` : `+${roundTo(up * 100, 0)} / −${roundTo(down * 100, 0)} %`,
  sum,
});

/** A value that may be anything up to a limit from a plate; a tenth above it is a warning. */
export const expectUpTo = (limit: number, unit: string, sum: string, least = 0): Expectation => ({
  kind: 'band',
  aim: null,
  pass: [least, limit],
  warn: [least, limit * 1.1],
  tolerance: `up to ${limit} ${unit}`,
  sum,
});
