import type { Facts } from '../../job/document';
import { crossingInput } from '../from-job';
import { jobHeatPump, jobLowStage } from '../job-heat-pump';
import type { Plant, Tariff } from './plant';

/** How long a defrost takes, min: a few; the cap is usually ten. */
const DEFROST_MIN = 4;
/** Run time between defrosts of a demand board at 35 °F, min. */
const DEMAND_INTERVAL_MIN = 60;
/** What compressors are given, starts an hour at half load. */
const COMPRESSOR_CYCLES = 3;

/** Share of run time in defrost at 35 °F. */
const defrostShare = ({ outdoorUnit }: Facts): number => {
  const intervalMin = outdoorUnit.defrostControl === 'demand' ? DEMAND_INTERVAL_MIN : outdoorUnit.defrostIntervalMin;
  return DEFROST_MIN / (intervalMin + DEFROST_MIN);
};

/** Whether a defrost brings strips on a job. */
const hasTempering = ({ system, outdoorUnit }: Facts): boolean =>
  system.backup === 'electric' && outdoorUnit.stripsInDefrost && outdoorUnit.wTerminals !== 'none';

/** A job's house and all that heats it, as it stands. */
export const jobPlant = (facts: Facts): Plant => {
  const { load, banksKW, gates = {}, fuel } = crossingInput(facts);
  return {
    load,
    compressor: {
      full: jobHeatPump(facts),
      low: jobLowStage(facts),
      modulates: facts.outdoorUnit.stages === 'inverter',
      cyclingLoss: facts.outdoorUnit.cyclingLoss,
    },
    banksKW,
    ...(fuel ? { fuel } : {}),
    gates,
    stripsHelp: facts.schools.auxWithHeatPump === 'helps',
    temperingShare: hasTempering(facts) ? defrostShare(facts) : 0,
    cyclesPerHour: COMPRESSOR_CYCLES,
    air: { roomF: facts.house.heatSetpointF, cfm: facts.airHandler.heatCfm, elevationFt: facts.site.elevationFt },
  };
};

/** What energy costs on a job, and what it emits where that is given. */
export const jobTariff = ({ prices, year }: Facts): Tariff => ({
  electricPerKWh: prices.electricPerKWh,
  fuelPerUnit: prices.fuelPerUnit,
  electricKgPerKWh: year.electricKgPerKWh,
  fuelKgPerUnit: year.fuelKgPerUnit,
});
