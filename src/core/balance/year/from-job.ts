import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { banksWithCompressor } from '../../job/interlocked-bank';
import { sum } from '../../units/sum';
import { balanceInput } from '../from-job';
import { jobHeatPump, jobLowStage } from '../job-heat-pump';
import type { Defrosts, PeakHours, Plant, Tariff } from './plant';

/** Length of a defrost, min: a few; the cap is usually ten. Our judgment (decision 0014). */
const DEFROST_MIN = 4;
/** Run time between defrosts of a demand board at 35 °F, min. Our judgment (decision 0014). */
const DEMAND_INTERVAL_MIN = 60;
/** Typical compressor cycle rate, starts per hour at half load. Source: the trade's usual cycle rate. */
const COMPRESSOR_CYCLES = 3;
/** Blower power if not measured, W per 1000 CFM. Source: 10 CFR 430 subpart B appendix M1, coil only. */
const BLOWER_W_PER_1000_CFM = 441;

/** Run time spent in defrost. */
const defrosts = ({ outdoorUnit }: Facts): Defrosts => {
  const isDemand = outdoorUnit.defrostControl === 'demand';
  const between = isDemand ? DEMAND_INTERVAL_MIN : outdoorUnit.defrostIntervalMin;
  return { share: DEFROST_MIN / (between + DEFROST_MIN), follows: isDemand ? 'frost' : 'clock' };
};

/** Whether a job's defrost turns on strips. */
const hasTempering = ({ system, outdoorUnit }: Facts): boolean =>
  backupOf({ system }) === 'strips' && outdoorUnit.stripsInDefrost && outdoorUnit.wTerminals !== 'none';

/** Blower power with strips or furnace, kW. */
export const blowerKW = ({ airHandler }: Facts): number =>
  (airHandler.blowerWatts ?? (BLOWER_W_PER_1000_CFM * airHandler.auxCfm) / 1000) / 1000;

/** A job's house and heat sources with present settings; the board's interval is the one on the Survey. */
export const jobPlant = (facts: Facts): Plant => {
  const { load, banksKW, lockouts = {}, fuel } = balanceInput(facts);
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
    gates: lockouts,
    stripsHelp: facts.schools.auxWithHeatPump === 'helps',
    defrost: defrosts(facts),
    temperingKW: hasTempering(facts) ? sum(banksWithCompressor(facts).map(({ kW }) => kW)) : 0,
    blowerKW: blowerKW(facts),
    cyclesPerHour: COMPRESSOR_CYCLES,
    air: { roomF: facts.house.heatSetpointF, cfm: facts.airHandler.heatCfm, elevationFt: facts.site.elevationFt },
  };
};

/** A job's peak hours; null if electricity costs the same at all hours. */
export const jobPeak = ({ prices }: Pick<Facts, 'prices'>): PeakHours | null =>
  prices.byHour === 'peak'
    ? { fromHour: prices.peakFromHour, toHour: prices.peakToHour, perKWh: prices.peakPerKWh }
    : null;

/** Energy prices of a job, and emissions where given. */
export const jobTariff = ({ prices, year }: Facts): Tariff => ({
  electricPerKWh: prices.electricPerKWh,
  peak: jobPeak({ prices }),
  fuelPerUnit: prices.fuelPerUnit,
  electricKgPerKWh: year.electricKgPerKWh,
  fuelKgPerUnit: year.fuelKgPerUnit,
});
