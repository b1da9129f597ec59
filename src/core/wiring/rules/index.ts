import { auxPassesThermostats } from './aux-passes-thermostats';
import { backupCalled } from './backup-called';
import { backupSetToFossil } from './backup-set-to-fossil';
import { bankHeldOut } from './bank-held-out';
import { callsDoAsPlanned } from './calls-do-as-planned';
import { coilsHaveVolts } from './coils-have-volts';
import { coilsPullIn } from './coils-pull-in';
import { comesToRest } from './comes-to-rest';
import { commonNotOnValve } from './common-not-on-valve';
import { conditionsAsPlanned } from './conditions-as-planned';
import { controlAgrees } from './control-agrees';
import { controlsHavePower } from './controls-have-power';
import { defrostOutput } from './defrost-output';
import { emergencyHeats } from './emergency-heats';
import { endsLand } from './ends-land';
import { enoughConductors } from './enough-conductors';
import { faultHeatWaits } from './fault-heat-waits';
import { floatStopsCompressor } from './float-stops-compressor';
import { furnaceAlone } from './furnace-alone';
import { furnaceStagesCalled } from './furnace-stages-called';
import { fuseCarries } from './fuse-carries';
import { fuseSuitsTransformer } from './fuse-suits-transformer';
import { heatWithAir } from './heat-with-air';
import { hotAndCommonApart } from './hot-and-common-apart';
import { interlockFitted } from './interlock-fitted';
import { interlockWorks } from './interlock-works';
import { jumpersAsPlanned } from './jumpers-as-planned';
import { kitReached } from './kit-reached';
import { loadControlSparesHeat } from './load-control-spares-heat';
import { lowGasInCircuit } from './low-gas-in-circuit';
import { noDefrostHeatFromFurnace } from './no-defrost-heat-from-furnace';
import { safetyNotBridged } from './safety-not-bridged';
import { secondStageCalled } from './second-stage-called';
import { sensorAlone } from './sensor-alone';
import { stripsSetToFossil } from './strips-set-to-fossil';
import type { WiringRule } from './subject';
import { transformerCarries } from './transformer-carries';
import { transformersApart } from './transformers-apart';
import { valveAgrees } from './valve-agrees';
import { wetSwitchStopsHeat } from './wet-switch-stops-heat';
import { zonesLetHeat } from './zones-let-heat';

/** Wiring rules, worst dangers first. */
export const WIRING_RULES: readonly WiringRule[] = [
  safetyNotBridged,
  hotAndCommonApart,
  commonNotOnValve,
  transformersApart,
  sensorAlone,
  controlAgrees,
  controlsHavePower,
  valveAgrees,
  furnaceAlone,
  interlockWorks,
  noDefrostHeatFromFurnace,
  emergencyHeats,
  bankHeldOut,
  zonesLetHeat,
  auxPassesThermostats,
  jumpersAsPlanned,
  callsDoAsPlanned,
  conditionsAsPlanned,
  comesToRest,
  heatWithAir,
  lowGasInCircuit,
  floatStopsCompressor,
  loadControlSparesHeat,
  wetSwitchStopsHeat,
  backupCalled,
  backupSetToFossil,
  stripsSetToFossil,
  endsLand,
  kitReached,
  enoughConductors,
  transformerCarries,
  fuseCarries,
  fuseSuitsTransformer,
  coilsPullIn,
  coilsHaveVolts,
  defrostOutput,
  faultHeatWaits,
  furnaceStagesCalled,
  interlockFitted,
  secondStageCalled,
];
