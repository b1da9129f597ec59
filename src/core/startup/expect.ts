import { DEAD_VOLTS, GHOST_VOLTS, SUPPLY_VOLTS, SUPPLY_WARN_VOLTS } from '../units/control-volts';
import { roundTo } from '../units/round';
import type { Expectation } from './step';

type Band = Extract<Expectation, { kind: 'band' }>;

/** Control volts that should be present; `volts` is the prediction of the circuit. */
export const expectHot = (volts: number, sum: string): Expectation => ({
  kind: 'band',
  aim: volts,
  pass: SUPPLY_VOLTS,
  warn: SUPPLY_WARN_VOLTS,
  tolerance: `${SUPPLY_VOLTS[0]} to ${SUPPLY_VOLTS[1]} V`,
  sum,
});

/** A terminal that should be dead. */
export const expectDead = (volts: number, sum: string): Expectation => ({
  kind: 'band',
  aim: volts,
  pass: [0, DEAD_VOLTS],
  warn: [0, GHOST_VOLTS],
  tolerance: `under ${DEAD_VOLTS} V`,
  sum,
  isDead: true,
});

/**
 * A floating terminal read with an ordinary meter: anything up to the ghost voltage.
 * @param most maximum ghost volts
 */
export const expectGhost = (most: number, sum: string): Expectation => ({
  kind: 'band',
  aim: null,
  pass: [0, most],
  warn: [0, most],
  tolerance: `0 to ${roundTo(most, 0)} V, a ghost`,
  sum,
  isDead: true,
});

/**
 * A value with tolerances in percent.
 * @param down allowed shortfall, up: allowed excess; warning limits are twice as wide
 */
export const expectWithin = (aim: number, down: number, up: number, sum: string): Band => ({
  kind: 'band',
  aim,
  pass: [aim * (1 - down), aim * (1 + up)],
  warn: [aim * (1 - 2 * down), aim * (1 + 2 * up)],
  tolerance: down === up ? `±${roundTo(up * 100, 0)} %` : `+${roundTo(up * 100, 0)} / −${roundTo(down * 100, 0)} %`,
  sum,
});

/** A value between two limits; a tenth beyond the nearer one is a warning. */
export const expectBetween = (least: number, most: number, unit: string, sum: string): Band => ({
  kind: 'band',
  aim: null,
  pass: [least, most],
  warn: [least - Math.abs(least) * 0.1, most + Math.abs(most) * 0.1],
  tolerance: `${least} to ${most} ${unit}`,
  sum,
});

/** A value up to a nameplate limit; a tenth above it is a warning. */
export const expectUpTo = (limit: number, unit: string, sum: string, least = 0): Expectation => ({
  kind: 'band',
  aim: null,
  pass: [least, limit],
  warn: [least, limit * 1.1],
  tolerance: `up to ${limit} ${unit}`,
  sum,
});
