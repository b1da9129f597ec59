import type { Valve } from './signals';

/** The setpoint from a minute on, °F. */
export interface SetpointEntry {
  readonly fromMin: number;
  readonly setpointF: number;
}

/**
 * What a thermostat is set to, as its logic in time uses it. A setting that is null: that rule is absent; minimums,
 * starts and play: no limit.
 */
export interface ControlProgram {
  readonly differentialF: number;
  readonly compressorStages: 1 | 2;
  /** Minutes that the first stage runs alone before the second comes. */
  readonly upstageMin: number | null;
  /** Degrees short at which the second stage comes at once. */
  readonly stage2OnF: number | null;
  /** Degrees short at which the backup comes, less what was learned. */
  readonly auxOnF: number | null;
  readonly auxOffF: number;
  /** Minutes short with the highest stage on, after which the backup comes. */
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
  /** Minutes off of a furnace before the compressor may start: its coil cools. */
  readonly afterFossilMin: number;
  readonly powerUpHoldMin: number;
  /** The climb to a higher setpoint is begun so early that it is reached in time at this rate, °F an hour. */
  readonly recovery: { readonly rateFPerH: number } | null;
  readonly learning: { readonly startsPerDay: number; readonly stepF: number; readonly mostF: number } | null;
}

/** Comparisons hold within this, for floating point. */
export const TOLERANCE = 1e-9;
export const atLeast = (value: number, limit: number): boolean => value >= limit - TOLERANCE;
export const atMost = (value: number, limit: number): boolean => value <= limit + TOLERANCE;
export const above = (value: number, limit: number): boolean => value > limit + TOLERANCE;
export const below = (value: number, limit: number): boolean => value < limit - TOLERANCE;

/** Least minutes from start to start. */
export const startsApartMin = (startsPerHour: number | null): number =>
  startsPerHour === null ? 0 : 60 / startsPerHour;
