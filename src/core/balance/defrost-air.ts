import { bankCoilId } from '../devices/ids';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { type Bank, jobBanks } from '../strips/from-job';
import { temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { sum } from '../units/sum';
import { bankGroups } from '../wiring/plan/bank-groups';
import { balanceInput } from './from-job';
import type { On } from './heat-now';
import { capacityCurve } from './heat-pump';

/** Outdoor temperature at which a coil frosts most, °F. */
const FROST_F = 35;
/** Air below this from a register is felt as cold. Our judgment: ten degrees under a room. */
export const COLD_AIR_F = 60;

/**
 * The banks that a defrost brings: those that the wires bring where they are given, else those that the board's output
 * is planned to: the first bank's, and what is jumpered to it.
 */
export const defrostBanks = (facts: Facts, on?: On): readonly Bank[] => {
  const banks = jobBanks(facts);
  if (on) return banks.filter(({ bank }) => on.energised.has(bankCoilId(bank)));
  if (backupOf(facts) === 'fossil' || !facts.outdoorUnit.stripsInDefrost || facts.outdoorUnit.wTerminals === 'none')
    return [];
  const first = bankGroups(facts)[0]?.banks ?? [];
  return banks.filter(({ bank }) => first.includes(bank));
};

/** Heat of some banks, Btu/h. */
export const banksBtuh = (banks: readonly Bank[]): number => sum(banks.map(({ kW }) => kW * BTU_PER_KWH));

/**
 * Air at the register in a defrost with its strips, °F: what they give less what the unit takes.
 * @param roomF air that comes back, °F
 */
export const defrostAirF = (facts: Facts, roomF: number, outdoorF = FROST_F, on?: On): number => {
  const { airHandler, site } = facts;
  const given = banksBtuh(defrostBanks(facts, on));
  const taken = capacityCurve(balanceInput(facts).heatPump).at(outdoorF);
  return roomF + temperatureRiseF(given - taken, given > 0 ? airHandler.auxCfm : airHandler.heatCfm, site.elevationFt);
};
