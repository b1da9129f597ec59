import { FREEZING_F } from '../units/constants';

/**
 * How much colder than outdoor air the coil is in steady heating, °F. Our judgment, a starting value of the frost
 * model; the board's own sensor decides.
 */
const COIL_BELOW_OUTDOOR_F = 12;

/** Approximate outdoor coil temperature in steady heating, °F. */
export const steadyCoilF = (outdoorF: number): number => outdoorF - COIL_BELOW_OUTDOOR_F;

/** Whether the coil is cold enough to frost in steady heating, and its sensor allows a defrost. */
export const freezesAt = (outdoorF: number): boolean => steadyCoilF(outdoorF) < FREEZING_F;

/** Faults of an outdoor coil. */
export interface CoilIs {
  /** Airflow as a share of a good coil's. */
  readonly air: number;
  /** Extra coil depression compared with a good coil. */
  readonly split: number;
  /** How well it melts. */
  readonly melts: number;
  /** Whether the board's sensor is on the coil, or hanging in the air. */
  readonly isFelt: boolean;
}

/** No fault. */
export const GOOD_COIL: CoilIs = { air: 1, split: 1, melts: 1, isFelt: true };
