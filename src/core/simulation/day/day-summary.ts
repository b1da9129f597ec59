import type { ControlProgram } from '../../control/in-time/program';
import type { Facts } from '../../job/document';
import type { DayRun } from './day';
import { type DayCost, dayCost, type HourlyTariff } from './day-cost';
import { shortSpells } from './short-spells';
import { missedAt, spellsOf, tickCount } from './ticks';

/** Supply air below this feels cold, °F. Our judgment: below skin temperature. */
export const COLD_AIR_F = 85;

/** A run in a few figures. */
export interface DaySummary {
  readonly cost: DayCost;
  /** Degree-hours below the scheduled setpoint. */
  readonly degreeHoursShort: number;
  readonly shortMin: number;
  readonly leastRoomF: number;
  readonly starts: number;
  readonly compressorHours: number;
  readonly stripsHours: number;
  readonly furnaceHours: number;
  readonly defrosts: number;
  readonly cappedDefrosts: number;
  readonly mostFrostLb: number;
  /** Coldest supply air while something runs, °F; null: nothing ran. */
  readonly coldestSupplyF: number | null;
  /** Minutes with supply air below `COLD_AIR_F` while something runs. */
  readonly coldAirMin: number;
}

/** A run in a few figures: money, comfort, wear. */
export const daySummary = (run: DayRun, facts: Facts, program: ControlProgram, tariff: HourlyTariff): DaySummary => {
  const { trace, stepMin } = run;
  const count = tickCount(run);
  const hours = stepMin / 60;
  const runs = (tick: number) =>
    trace.compressorStage[tick]! > 0 || trace.banksOn[tick]! > 0 || trace.furnaceStage[tick]! > 0;
  let [degreeHoursShort, leastRoomF, compressorHours, stripsHours, furnaceHours] = [0, Infinity, 0, 0, 0];
  let [cappedDefrosts, mostFrostLb, coldest, coldAirMin] = [0, 0, Infinity, 0];
  for (let tick = 0; tick < count; tick++) {
    degreeHoursShort += Math.max(0, missedAt(trace, tick)) * hours;
    leastRoomF = Math.min(leastRoomF, trace.roomF[tick]!);
    if (trace.compressorStage[tick]! > 0) compressorHours += hours;
    if (trace.banksOn[tick]! > 0) stripsHours += hours;
    if (trace.furnaceStage[tick]! > 0) furnaceHours += hours;
    if (trace.defrostEnd[tick] === 'cap') cappedDefrosts++;
    mostFrostLb = Math.max(mostFrostLb, trace.frostLb[tick]!);
    if (!runs(tick)) continue;
    coldest = Math.min(coldest, trace.supplyF[tick]!);
    if (trace.supplyF[tick]! < COLD_AIR_F) coldAirMin += stepMin;
  }
  return {
    cost: dayCost(run, tariff),
    degreeHoursShort,
    shortMin: shortSpells(run, facts, program).reduce((sum, each) => sum + each.shortMin, 0),
    leastRoomF,
    starts: spellsOf(count, (tick) => trace.compressorStage[tick]! > 0).filter(([from]) => from > 0).length,
    compressorHours,
    stripsHours,
    furnaceHours,
    defrosts: spellsOf(count, (tick) => trace.inDefrost[tick]!).length,
    cappedDefrosts,
    mostFrostLb,
    coldestSupplyF: coldest === Infinity ? null : coldest,
    coldAirMin,
  };
};
