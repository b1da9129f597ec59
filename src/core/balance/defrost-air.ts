import { bankCoilId } from '../devices/ids';
import { backupOf } from '../job/backup';
import { type Bank, jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { sum } from '../units/sum';
import { bankGroups } from '../wiring/plan/bank-groups';
import { balanceInput } from './from-job';
import type { On } from './heat-now';
import { capacityCurve } from './heat-pump';

/** Outdoor temperature at which a coil frosts fastest, °F. */
const FROST_F = 35;
/** Register air below this feels cold. Our judgment: ten degrees below room temperature. */
export const COLD_AIR_F = 60;

/**
 * Banks that come on in a defrost: by the actual wiring if given, else by the plan (the first bank and any bank
 * jumpered to it).
 */
export const defrostBanks = (facts: Facts, on?: On): readonly Bank[] => {
  const banks = jobBanks(facts);
  if (on) return banks.filter(({ bank }) => on.energized.has(bankCoilId(bank)));
  if (backupOf(facts) === 'fossil' || !facts.outdoorUnit.stripsInDefrost || facts.outdoorUnit.wTerminals === 'none')
    return [];
  const first = bankGroups(facts)[0]?.banks ?? [];
  return banks.filter(({ bank }) => first.includes(bank));
};

/** Output of the given banks, Btu/h. */
export const banksBtuh = (banks: readonly Bank[]): number => sum(banks.map(({ kW }) => kW * BTU_PER_KWH));

/**
 * Register air in a defrost with strips, °F: strip output less the heat that the unit takes.
 * @param roomF return air, °F
 */
export const defrostAirF = (facts: Facts, roomF: number, outdoorF = FROST_F, on?: On): number => {
  const { airHandler, site } = facts;
  const given = banksBtuh(defrostBanks(facts, on));
  const taken = capacityCurve(balanceInput(facts).heatPump).at(outdoorF);
  return roomF + temperatureRiseF(given - taken, given > 0 ? airHandler.auxCfm : airHandler.heatCfm, site.elevationFt);
};
