import type { Facts } from '../../job/document';
import { applyRules, type Finding, type Rule } from '../../job/finding';
import { boardInPackaged } from './board-in-packaged';
import { dehumidistatInHeat } from './dehumidistat-in-heat';
import { emergencyThroughThermostat } from './emergency-through-thermostat';
import { faultHeatWithoutOutput } from './fault-heat-without-output';
import { furnaceNotCalled } from './furnace-not-called';
import { heldBankMissing } from './held-bank-missing';
import { loadControlInHeat } from './load-control-in-heat';
import { oilInPackaged } from './oil-in-packaged';
import { sensorWithoutTerminals } from './sensor-without-terminals';
import { switchBesideThroughBoard } from './switch-beside-through-board';
import { switchGatesNothing } from './switch-gates-nothing';
import { switchWithoutCall } from './switch-without-call';
import { yBringsBlowerNeedsHeat } from './y-brings-blower';
import { zoneBoardWithPair } from './zone-board-with-pair';

/** Senseless combinations, each with its reason. */
export const REFUSALS: readonly Rule<Facts>[] = [
  oilInPackaged,
  furnaceNotCalled,
  sensorWithoutTerminals,
  emergencyThroughThermostat,
  switchWithoutCall,
  switchGatesNothing,
  switchBesideThroughBoard,
  faultHeatWithoutOutput,
  boardInPackaged,
  loadControlInHeat,
  heldBankMissing,
  dehumidistatInHeat,
  zoneBoardWithPair,
  yBringsBlowerNeedsHeat,
];

/** Why a job's wiring cannot be planned; empty if it can. */
export const refusals = (facts: Facts): Finding[] => applyRules(REFUSALS, facts);
