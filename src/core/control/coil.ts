import { FREEZING_F } from '../units/constants';

/**
 * How far below the outdoor air the coil stands in steady heating, °F. Our judgement, where the frost model starts; a
 * board's own sensor decides.
 */
const COIL_BELOW_OUTDOOR_F = 12;

/** About how cold the outdoor coil is in steady heating, °F. */
export const steadyCoilF = (outdoorF: number): number => outdoorF - COIL_BELOW_OUTDOOR_F;

/** Whether the coil in steady heating is cold enough to frost, and its sensor lets the board defrost. */
export const freezesAt = (outdoorF: number): boolean => steadyCoilF(outdoorF) < FREEZING_F;
