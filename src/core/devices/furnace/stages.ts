import { backupOutputs } from '../../control/outputs';
import type { Facts } from '../../job/document';
import { furnaceInputs, hasOwnTransformer } from '.';

/** Low fire as a share of full output, where the plate's figure was not read. Our judgment: two-stage furnaces. */
const LOW_FIRE_SHARE = 2 / 3;

/** Whether a furnace has more than one stage that its board takes. */
export const hasStages = (facts: Facts): boolean => furnaceInputs(facts).length > 1 && !hasOwnTransformer(facts);

/** Whether the thermostat calls the furnace's second stage by a wire of its own. */
export const callsSecondStage = (facts: Facts): boolean =>
  hasStages(facts) && backupOutputs(facts).secondAux !== undefined;

/** Output of a furnace at low fire, Btu/h. */
export const lowFireBtuh = ({ furnace }: Facts): number =>
  Math.min(furnace.outputBtuh, furnace.lowFireBtuh ?? LOW_FIRE_SHARE * furnace.outputBtuh);

/**
 * Output that a furnace reaches in a long call, Btu/h: all of it, or low fire where nothing ever brings its second
 * stage, neither a wire nor its own timer.
 * @param isHighCalled whether the second stage is called by its wire
 */
export const reachedBtuh = (facts: Facts, isHighCalled: boolean): number =>
  !hasStages(facts) || isHighCalled || facts.furnace.staging === 'timer'
    ? facts.furnace.outputBtuh
    : lowFireBtuh(facts);

/** What a job's furnace gives as it is wired by plan, Btu/h. */
export const jobFurnaceBtuh = (facts: Facts): number => reachedBtuh(facts, callsSecondStage(facts));
