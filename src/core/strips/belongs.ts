import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { conductorKind, gaugeFor } from './conductors';
import { elementKW } from './element';
import { jobElements } from './from-job';
import { ladder } from './ladder';

/** Supply air with the first banks on, alone and with the heat pump. */
export interface StageAir {
  readonly banks: readonly number[];
  readonly kW: number;
  readonly aloneF: number;
  readonly withHeatPumpF: number;
  /** Null if the label's limit is unknown. */
  readonly isWithinLimit: boolean | null;
}

/** One circuit: required and found. */
export interface CircuitFit {
  readonly at: number;
  readonly loadAmps: number;
  readonly minCircuitAmps: number;
  readonly needsBreakerAmps: number | null;
  readonly foundBreakerAmps: number | null;
  readonly needsAwg: number | null;
  readonly foundAwg: number | null;
}

/** Whether a kit belongs in its air handler: list, airflow, supply temperature, circuits. */
export interface KitFit {
  readonly totalKW: number;
  /** Null if the air handler's list is unknown. */
  readonly isAllowed: boolean | null;
  readonly hasAir: boolean;
  readonly stages: readonly StageAir[];
  readonly circuits: readonly CircuitFit[];
}

/** A listed size and a sum of elements this close are the same kit: labels round. */
const SAME_KIT_SHARE = 0.05;

/**
 * Checks a job's kit against its air handler.
 * @param heatPumpBtuh heat pump output at the same time, Btu/h
 * @param returnF return air, °F
 * @param suppliedVolts volts at the kit
 */
export const kitFit = (facts: Facts, heatPumpBtuh: number, returnF: number, suppliedVolts: number): KitFit => {
  const { airHandler, heatKit, site } = facts;
  const kit = jobElements(facts);
  const totalKW = kit.reduce((sum, { kW }) => sum + kW, 0);
  const banks = [...new Set(kitRows(facts).map(({ bank }) => bank))].sort();
  const rise = (btuh: number) => temperatureRiseF(btuh, airHandler.auxCfm, site.elevationFt);
  return {
    totalKW,
    isAllowed:
      airHandler.allowedKitsKW.length === 0
        ? null
        : airHandler.allowedKitsKW.some((allowed) => Math.abs(allowed - totalKW) <= SAME_KIT_SHARE * allowed),
    hasAir: airHandler.auxCfm >= heatKit.minCfm,
    stages: banks.map((_, at) => {
      const on = banks.slice(0, at + 1);
      const kW = kitRows(facts).reduce(
        (sum, { bank }, index) => sum + (on.includes(bank) ? elementKW(kit[index]!, suppliedVolts) : 0),
        0,
      );
      const withHeatPumpF = returnF + rise(kW * BTU_PER_KWH + heatPumpBtuh);
      return {
        banks: on,
        kW,
        aloneF: returnF + rise(kW * BTU_PER_KWH),
        withHeatPumpF,
        isWithinLimit: airHandler.maxSupplyF === null ? null : withHeatPumpF <= airHandler.maxSupplyF,
      };
    }),
    circuits: ladder(facts).circuits.map(({ at, circuit, foundBreakerAmps, foundAwg }) => ({
      at,
      loadAmps: circuit.loadAmps,
      minCircuitAmps: circuit.minCircuitAmps,
      needsBreakerAmps: circuit.breakerAmps,
      foundBreakerAmps,
      needsAwg: gaugeFor(conductorKind(facts), circuit.minCircuitAmps),
      foundAwg,
    })),
  };
};
