import { jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { sum } from '../units/sum';

/** Airflow while only the smallest zone calls, the strips that may run then, and their supply air. */
export interface ZoneAir {
  readonly cfm: number;
  readonly kW: number;
  /** These strips' share of the kit’s minimum airflow, CFM. */
  readonly leastCfm: number;
  /** Supply air on strips alone, °F. */
  readonly supplyF: number;
}

/**
 * Air of the smallest zone alone; null if the job has no zones.
 * @param returnF return air, °F
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
