import type { Facts } from '../job/document';
import { temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { sum } from '../units/sum';
import { jobBanks } from './from-job';

/** Air while the smallest zone calls alone: strips that may run then, and what they make of it. */
export interface ZoneAir {
  readonly cfm: number;
  readonly kW: number;
  /** Share of the kit’s least air that these strips need, by their part of its heat, CFM. */
  readonly leastCfm: number;
  /** Supply air with the strips alone, °F. */
  readonly supplyF: number;
}

/**
 * Air of the smallest zone alone; null where the job has no zones.
 * @param returnF air that comes back, °F
 */
export const zoneAir = (facts: Facts, returnF: number): ZoneAir | null => {
  const { smallestCfm: cfm, banksAlone } = facts.zones;
  if (cfm === null) return null;
  const banks = jobBanks(facts);
  const allowed = { all: banks, first: banks.slice(0, 1), none: [] }[banksAlone];
  const [kW, allKW] = [sum(allowed.map((bank) => bank.kW)), sum(banks.map((bank) => bank.kW))];
  return {
    cfm,
    kW,
    leastCfm: allKW > 0 ? (facts.heatKit.minCfm * kW) / allKW : 0,
    supplyF: returnF + temperatureRiseF(kW * BTU_PER_KWH, cfm, facts.site.elevationFt),
  };
};
