import type { DayRun } from './day';
import { electricPriceAt, type HourlyTariff } from './day-cost';
import { tickCount } from './ticks';

/** Energy and cost of an hour, or of a day of a longer run. */
export interface EnergySpan {
  readonly fromMin: number;
  readonly compressorKWh: number;
  readonly stripsKWh: number;
  readonly fuelUnits: number;
  readonly dollars: number;
}

/** Length from which runs are shown by day, min. */
const BY_HOUR_UP_TO_MIN = 1440 * 2;

/** A run's energy and cost by hour, or by day if it is longer. */
export const energyBySpan = (run: DayRun, tariff: HourlyTariff): EnergySpan[] => {
  const { trace, stepMin } = run;
  const count = tickCount(run);
  const spanMin = count * stepMin <= BY_HOUR_UP_TO_MIN ? 60 : 1440;
  const ticks = Math.round(spanMin / stepMin);
  const hours = stepMin / 60;
  return Array.from({ length: Math.ceil(count / ticks) }, (_, at) => {
    let [compressorKWh, strips, fuelUnits, dollars] = [0, 0, 0, 0];
    for (let tick = at * ticks; tick < Math.min(count, (at + 1) * ticks); tick++) {
      const kWh = trace.kW[tick]! * hours;
      const fuel = (trace.fuelBtuh[tick]! * hours) / tariff.btuPerFuelUnit;
      strips += trace.stripsKW[tick]! * hours;
      compressorKWh += kWh - trace.stripsKW[tick]! * hours;
      fuelUnits += fuel;
      dollars += kWh * electricPriceAt(tariff, tick * stepMin) + fuel * tariff.fuelPerUnit;
    }
    return { fromMin: at * spanMin, compressorKWh, stripsKWh: strips, fuelUnits, dollars };
  });
};
