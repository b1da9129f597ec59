import { jobPeak, jobTariff } from '../../balance/year/from-job';
import { isPeakHour, type PeakHours, type Tariff } from '../../balance/year/plant';
import type { Facts } from '../../job/document';
import { FUEL_BTU_PER_UNIT } from '../../units/constants';
import { minuteOfDay } from '../clock';
import type { DayRun } from './day';
import { tickCount } from './ticks';

/** Prices by hour of the day, and the monthly demand charge. */
export interface HourlyTariff extends Tariff {
  readonly peak: PeakHours | null;
  /** Per kW of the month's highest quarter hour; null: none. */
  readonly demandPerKW: number | null;
  readonly btuPerFuelUnit: number;
}

/** Averaging period of a demand meter, min. */
export const DEMAND_MIN = 15;

/** The prices of a job. */
export const hourlyTariff = (facts: Facts): HourlyTariff => ({
  ...jobTariff(facts),
  peak: jobPeak(facts),
  demandPerKW: facts.prices.demandPerKW,
  btuPerFuelUnit: FUEL_BTU_PER_UNIT[facts.furnace.fuel],
});

/** Whether a minute of a run is in the peak hours. */
const isPeakAt = ({ peak }: HourlyTariff, atMin: number): boolean =>
  peak !== null && isPeakHour(peak, minuteOfDay(atMin) / 60);

/** Price of a kWh at a minute of a run, $. */
export const electricPriceAt = (tariff: HourlyTariff, atMin: number): number =>
  tariff.peak !== null && isPeakAt(tariff, atMin) ? tariff.peak.perKWh : tariff.electricPerKWh;

/** Cost of a run, $. */
export interface DayCost {
  readonly electric: number;
  readonly fuel: number;
  /** Demand charge of the run's highest quarter hour; not in the total. */
  readonly demandAMonth: number | null;
  readonly peakKW: number;
  readonly kWh: number;
  readonly peakHoursKWh: number;
  readonly fuelUnits: number;
  readonly total: number;
}

/** Highest quarter hour of a run, mean kW. */
const highestQuarterKW = (run: DayRun): number => {
  const ticks = Math.max(1, Math.round(DEMAND_MIN / run.stepMin));
  let most = 0;
  for (let from = 0; from < tickCount(run); from += ticks) {
    const part = run.trace.kW.slice(from, from + ticks);
    most = Math.max(most, part.reduce((sum, each) => sum + each, 0) / part.length);
  }
  return most;
};

/** Cost of a run at hourly prices. */
export const dayCost = (run: DayRun, tariff: HourlyTariff): DayCost => {
  const { trace, stepMin } = run;
  const hours = stepMin / 60;
  let [electric, kWh, peakHoursKWh, fuelBtu] = [0, 0, 0, 0];
  for (let tick = 0; tick < tickCount(run); tick++) {
    const atMin = tick * stepMin;
    const each = trace.kW[tick]! * hours;
    kWh += each;
    if (isPeakAt(tariff, atMin)) peakHoursKWh += each;
    electric += each * electricPriceAt(tariff, atMin);
    fuelBtu += trace.fuelBtuh[tick]! * hours;
  }
  const fuelUnits = fuelBtu / tariff.btuPerFuelUnit;
  const fuel = fuelUnits * tariff.fuelPerUnit;
  const peakKW = highestQuarterKW(run);
  return {
    electric,
    fuel,
    demandAMonth: tariff.demandPerKW === null ? null : peakKW * tariff.demandPerKW,
    peakKW,
    kWh,
    peakHoursKWh,
    fuelUnits,
    total: electric + fuel,
  };
};
