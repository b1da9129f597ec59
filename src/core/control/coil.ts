import { FREEZING_F } from '../units/constants';

/**
 * How far below the outdoor air the coil is in steady heating, °F. Our judgment, where the frost model starts; a
 * board's own sensor decides.
 */
const COIL_BELOW_OUTDOOR_F = 12;

/** About how cold the outdoor coil is in steady heating, °F. */
export const steadyCoilF = (outdoorF: number): number => outdoorF - COIL_BELOW_OUTDOOR_F;

/** Whether the coil in steady heating is cold enough to frost, and its sensor lets the board defrost. */
export const freezesAt = (outdoorF: number): boolean => steadyCoilF(outdoorF) < FREEZING_F;

/** What is wrong with a coil outdoors. */
export interface CoilIs {
  /** Share of a sound coil's air that goes over it. */
  readonly air: number;
  /** How much farther than a sound coil it lies under outdoors. */
  readonly split: number;
  /** How well it melts. */
  readonly melts: number;
  /** Whether the board's sensor sits on the coil, or hangs in the air. */
  readonly isFelt: boolean;
}

/** Nothing wrong. */
export const GOOD_COIL: CoilIs = { air: 1, split: 1, melts: 1, isFelt: true };
