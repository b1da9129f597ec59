import { backupOutputs } from '../../control/outputs';
import type { Facts } from '../../job/document';
import { furnaceInputs, hasOwnTransformer } from '.';

/** Low fire as a share of full output, if not read from the nameplate. Our judgment: two-stage furnaces. */
const LOW_FIRE_SHARE = 2 / 3;

/** Whether the furnace board takes more than one stage. */
export const hasStages = (facts: Facts): boolean => furnaceInputs(facts).length > 1 && !hasOwnTransformer(facts);

/** Whether the thermostat calls the second furnace stage by its own wire. */
export const callsSecondStage = (facts: Facts): boolean =>
  hasStages(facts) && backupOutputs(facts).secondAux !== undefined;

/** Low-fire output of a furnace, Btu/h. */
export const lowFireBtuh = ({ furnace }: Facts): number =>
  Math.min(furnace.outputBtuh, furnace.lowFireBtuh ?? LOW_FIRE_SHARE * furnace.outputBtuh);

/**
 * Output of a furnace in a long call, Btu/h: full, or low fire if nothing turns on its second stage, neither a wire nor
 * its timer.
 * @param isHighCalled whether the second stage is called by its wire
 */
export const reachedBtuh = (facts: Facts, isHighCalled: boolean): number =>
  !hasStages(facts) || isHighCalled || facts.furnace.staging === 'timer'
    ? facts.furnace.outputBtuh
    : lowFireBtuh(facts);

/** Output of a job's furnace as planned, Btu/h. */
export const jobFurnaceBtuh = (facts: Facts): number => reachedBtuh(facts, callsSecondStage(facts));
