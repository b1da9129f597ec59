import { jobPeak, jobTariff } from '../../balance/year/from-job';
import { isPeakHour, type PeakHours, type Tariff } from '../../balance/year/plant';
import type { Facts } from '../../job/document';
import { FUEL_BTU_PER_UNIT } from '../../units/constants';
import { minuteOfDay } from '../clock';
import type { DayRun } from './day';
import { tickCount } from './ticks';

/** What energy costs by the hour of the day, and what the highest quarter hour costs a month. */
export interface HourlyTariff extends Tariff {
  readonly peak: PeakHours | null;
  /** For each kW of the highest quarter hour of a month; null: none. */
  readonly demandPerKW: number | null;
  readonly btuPerFuelUnit: number;
}

/** A demand meter takes the mean of this many minutes. */
export const DEMAND_MIN = 15;

/** The prices of a job. */
export const hourlyTariff = (facts: Facts): HourlyTariff => ({
  ...jobTariff(facts),
  peak: jobPeak(facts),
  demandPerKW: facts.prices.demandPerKW,
  btuPerFuelUnit: FUEL_BTU_PER_UNIT[facts.furnace.fuel],
});

/** Whether a minute of a run lies in the peak hours. */
const isPeakAt = ({ peak }: HourlyTariff, atMin: number): boolean =>
  peak !== null && isPeakHour(peak, minuteOfDay(atMin) / 60);

/** Price of a kWh at a minute of a run, $. */
export const electricPriceAt = (tariff: HourlyTariff, atMin: number): number =>
  tariff.peak !== null && isPeakAt(tariff, atMin) ? tariff.peak.perKWh : tariff.electricPerKWh;

/** What a run costs, $. */
export interface DayCost {
  readonly electric: number;
  readonly fuel: number;
  /** What the highest quarter hour of the run would cost in its month; not in the total. */
  readonly demandAMonth: number | null;
  readonly peakKW: number;
  readonly kWh: number;
  readonly peakHoursKWh: number;
  readonly fuelUnits: number;
  readonly total: number;
}

/** The dearest quarter hour of a run, kW in the mean. */
const highestQuarterKW = (run: DayRun): number => {
  const ticks = Math.max(1, Math.round(DEMAND_MIN / run.stepMin));
  let most = 0;
  for (let from = 0; from < tickCount(run); from += ticks) {
    const part = run.trace.kW.slice(from, from + ticks);
    most = Math.max(most, part.reduce((sum, each) => sum + each, 0) / part.length);
  }
  return most;
};

/** What a run costs under prices by the hour. */
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
