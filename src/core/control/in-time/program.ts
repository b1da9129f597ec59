import type { Valve } from './signals';

/** Setpoint from a minute on, °F. */
export interface SetpointEntry {
  readonly fromMin: number;
  readonly setpointF: number;
}

/**
 * Settings of a thermostat for its logic over time. Null: the rule is off; for minimums, starts and differential: no
 * limit.
 */
export interface ControlProgram {
  readonly differentialF: number;
  readonly compressorStages: 1 | 2;
  /** Minutes of first stage before the second stage comes on. */
  readonly upstageMin: number | null;
  /** Degrees short at which the second stage comes on at once. */
  readonly stage2OnF: number | null;
  /** Degrees short at which backup comes on, less the learned shift. */
  readonly auxOnF: number | null;
  readonly auxOffF: number;
  /** Minutes short with the highest stage on, after which backup comes on. */
  readonly auxAfterMin: number | null;
  readonly backup: 'electric' | 'fossil' | 'none';
  readonly valve: Valve;
  readonly compressorBelowF: number | null;
  readonly auxAboveF: number | null;
  readonly lockoutPlayF: number;
  readonly onSensorLoss: 'free' | 'keep';
  readonly minOnMin: number;
  readonly minOffMin: number;
  readonly backupMinOnMin: number;
  readonly compressorStartsPerHour: number | null;
  readonly backupStartsPerHour: number | null;
  /** Degrees short beyond half the differential from which no start waits for its starts per hour; null: all wait. */
  readonly paceYieldsF: number | null;
  /** Whether the next start of a compressor that gave way to a fossil backup waits for its starts per hour. */
  readonly givenWayWaits: boolean;
  /** Minutes that the furnace must be off before the compressor may start: its coil cools. */
  readonly afterFossilMin: number;
  readonly powerUpHoldMin: number;
  /** Recovery starts early enough to reach the new setpoint on time at this rate, °F per hour. */
  readonly recovery: { readonly rateFPerH: number } | null;
  readonly learning: { readonly startsPerDay: number; readonly stepF: number; readonly mostF: number } | null;
}

/** Comparisons allow this much, for floating point. */
export const TOLERANCE = 1e-9;
export const atLeast = (value: number, limit: number): boolean => value >= limit - TOLERANCE;
export const atMost = (value: number, limit: number): boolean => value <= limit + TOLERANCE;
export const above = (value: number, limit: number): boolean => value > limit + TOLERANCE;
export const below = (value: number, limit: number): boolean => value < limit - TOLERANCE;

/** Minimum minutes from start to start. */
export const startsApartMin = (startsPerHour: number | null): number =>
  startsPerHour === null ? 0 : 60 / startsPerHour;
