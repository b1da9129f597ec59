import { BIN_WIDTH_F } from '../../balance/year/temperatures';
import { type BinSums, emptyBin, type Year, yearOfSums } from '../../balance/year/year-sums';
import type { Facts } from '../../job/document';
import { BTU_PER_KWH } from '../../units/constants';
import { DAY_MIN } from '../clock';
import { DEMAND_MIN, electricPriceAt, type HourlyTariff } from '../day/day-cost';
import type { HouseThermal } from '../house/house';
import type { MachineState, Tick } from '../system/machine';

/** A year, or a part of one, summed by minute. */
export interface MinuteYear {
  readonly year: Year;
  readonly defrosts: number;
  /** Degree-hours below the scheduled setpoint. */
  readonly degreeHoursShort: number;
  /** Demand charges of its months, $; null: none. */
  readonly demandCost: number | null;
  /** Heat stored at the end above the start, Btu. */
  readonly storedBtu: number;
}

const MINUTE_HOURS = 1 / 60;
const DAYS_A_MONTH = 365 / 12;

/** Bin of an outdoor temperature, created when first needed. */
const binOf = (bins: Map<number, BinSums>, outdoorF: number): BinSums => {
  const fromF = Math.floor(outdoorF / BIN_WIDTH_F) * BIN_WIDTH_F;
  const known = bins.get(fromF);
  if (known) return known;
  const made = emptyBin(fromF);
  bins.set(fromF, made);
  return made;
};

/** A minute to add. */
export interface BookedMinute {
  readonly atMin: number;
  readonly outdoorF: number;
  /** Scheduled setpoint, °F. */
  readonly wishF: number;
  readonly before: MachineState;
  readonly tick: Tick;
}

/** Input of a sum. */
interface Booked {
  readonly thermal: HouseThermal;
  readonly tariff: HourlyTariff;
  readonly furnace: Facts['furnace'];
  /** Degrees below setpoint that count as a shortfall: beyond the droop and its swing. */
  readonly limitF: number;
  /** Day of the year on which it begins, from 0. */
  readonly day: number;
}

/**
 * Adds up minutes as an hourly year does; the load is for the scheduled setpoint. Sums are mutated in place: half a
 * million minutes pass through.
 */
export const minuteBook = ({ thermal, tariff, furnace, limitF, day }: Booked) => {
  const bins = new Map<number, BinSums>();
  const monthPeaks = new Float64Array(12);
  let [compressorKWh, blowerKWh, temperingBtu, heatingHours, stripHours] = [0, 0, 0, 0, 0];
  let [furnaceHours, shortHours, starts, coldest, defrosts] = [0, 0, 0, Infinity, 0];
  let [degreeHoursShort, quarterKWh] = [0, 0];

  const meter = (atMin: number, kWh: number) => {
    quarterKWh += kWh;
    if (atMin % DEMAND_MIN !== DEMAND_MIN - 1) return;
    const month = Math.min(11, Math.floor((day + atMin / DAY_MIN) / DAYS_A_MONTH));
    monthPeaks[month] = Math.max(monthPeaks[month]!, (quarterKWh * 60) / DEMAND_MIN);
    quarterKWh = 0;
  };

  return {
    /** Adds an hour in which nothing ran, at its mean outdoor temperature, °F. */
    pass: (outdoorF: number): void => {
      binOf(bins, outdoorF).hours += 1;
      quarterKWh = 0;
    },
    note: ({ atMin, outdoorF, wishF, before, tick }: BookedMinute): void => {
      const loadBtuh = Math.max(0, thermal.lossBtuhPerF * (wishF - outdoorF) - thermal.gainsBtuh);
      const missedF = wishF - before.house.roomF;
      const kWh = (tick.compressorKW + tick.stripsKW + tick.blowerKW) * MINUTE_HOURS;
      const stripsBtuh = tick.stripsKW * BTU_PER_KWH;
      const fossilBtuh = tick.fuelBtuh * furnace.efficiency;
      const fuel = (tick.fuelBtuh * MINUTE_HOURS) / tariff.btuPerFuelUnit;
      const bin = binOf(bins, outdoorF);
      bin.hours += MINUTE_HOURS;
      bin.loadBtu += loadBtuh * MINUTE_HOURS;
      bin.compressorBtu += (tick.heatBtuh - stripsBtuh - fossilBtuh) * MINUTE_HOURS;
      bin.stripsBtu += stripsBtuh * MINUTE_HOURS;
      bin.fossilBtu += fossilBtuh * MINUTE_HOURS;
      bin.cost += kWh * electricPriceAt(tariff, atMin) + fuel * tariff.fuelPerUnit;
      if (missedF > limitF) {
        bin.shortBtu += thermal.lossBtuhPerF * missedF * MINUTE_HOURS;
        shortHours += MINUTE_HOURS;
      }
      degreeHoursShort += Math.max(0, missedF) * MINUTE_HOURS;
      compressorKWh += tick.compressorKW * MINUTE_HOURS;
      blowerKWh += tick.blowerKW * MINUTE_HOURS;
      if (loadBtuh > 0) heatingHours += MINUTE_HOURS;
      if (tick.isDefrosting) temperingBtu += stripsBtuh * MINUTE_HOURS;
      else if (tick.stripsKW > 0) stripHours += MINUTE_HOURS;
      if (tick.isBurning) furnaceHours += MINUTE_HOURS;
      if (tick.defrostEnd !== null) defrosts++;
      if (tick.state.ranMin > 0) {
        if (before.ranMin === 0) starts++;
        if (tick.supplyF < coldest) coldest = tick.supplyF;
      }
      meter(atMin, kWh);
    },
    /** @param storedBtu heat stored at the end above the start, Btu */
    close: (storedBtu: number): MinuteYear => {
      const sorted = [...bins.values()].sort((one, other) => one.fromF - other.fromF);
      const { demandPerKW } = tariff;
      return {
        year: yearOfSums(
          sorted,
          {
            compressorKWh,
            blowerKWh,
            temperingBtu,
            heatingHours,
            stripHours,
            furnaceHours,
            shortHours,
            starts,
            coldestSupplyF: coldest === Infinity ? null : coldest,
          },
          tariff,
          tariff.btuPerFuelUnit * furnace.efficiency,
        ),
        defrosts,
        degreeHoursShort,
        demandCost: demandPerKW === null ? null : monthPeaks.reduce((total, kW) => total + kW * demandPerKW, 0),
        storedBtu,
      };
    },
  };
};
