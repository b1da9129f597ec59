import type { DefrostEnd } from '../../control/in-time/board';
import { setpointsFor } from '../system/schedule';
import { type HourlyWeather, weatherFrom } from '../weather/weather';
import { type DayRun, type DayTrace, runDay } from './day';
import { spellsOf, tickCount } from './ticks';
import type { DayJob, Variant } from './variant';

/** One defrost, second by second, with the time before and after. */
export interface Magnified {
  readonly run: DayRun;
  /** Start of the defrost, min from the first tick. */
  readonly beginsMin: number;
  readonly lastsMin: number;
  readonly ended: DefrostEnd | null;
  readonly frostLb: number;
  readonly leftLb: number;
  readonly coldestSupplyF: number;
  /** Outdoor temperature during it, °F. */
  readonly outdoorF: number;
}

const SECOND_MIN = 1 / 60;
/** Maximum time to simulate until a defrost, min. */
const SEARCH_MIN = 600;
/** Run time before a defrost is representative, min. */
const SETTLED_MIN = 60;
const BEFORE_MIN = 3;
const AFTER_MIN = 7;

const cut = ({ trace, stepMin, energy }: DayRun, from: number, to: number): DayRun => {
  const part = Object.fromEntries(
    (Object.entries(trace) as [keyof DayTrace, DayTrace[keyof DayTrace]][]).map(([name, values]) => [
      name,
      values.slice(from, to),
    ]),
  ) as unknown as DayTrace;
  return { stepMin, trace: part, energy };
};

/**
 * The heaviest defrost of a variant before morning, second by second; null if there is none in ten hours.
 */
export const magnified = (job: DayJob, variant: Variant, weather: HourlyWeather, day: number): Magnified | null => {
  const { parts, schedule, acts, mode } = variant.prepare(job);
  const setpoints = setpointsFor(schedule, SEARCH_MIN);
  const startF = setpoints[0]!.setpointF;
  const run = runDay(parts, {
    minutes: SEARCH_MIN,
    stepMin: SECOND_MIN,
    mode,
    setpoints,
    weatherAt: weatherFrom(weather, day * 24),
    start: { roomF: startF, massF: startF },
    acts,
  });
  const { trace } = run;
  const after = Math.round(AFTER_MIN / SECOND_MIN);
  const all = spellsOf(tickCount(run), (tick) => trace.inDefrost[tick]!);
  const whole = all.filter(([from, to]) => from * SECOND_MIN >= SETTLED_MIN && to + after <= tickCount(run));
  // A defrost cut short by a lost call says little about the board.
  const ended = whole.filter(([, to]) => trace.defrostEnd[to] !== null);
  const [best] = [...(ended.length > 0 ? ended : whole.length > 0 ? whole : all)].sort(
    ([a], [b]) => trace.frostLb[b]! - trace.frostLb[a]!,
  );
  if (!best) return null;
  const [from, to] = best;
  const first = Math.max(0, from - Math.round(BEFORE_MIN / SECOND_MIN));
  return {
    run: cut(run, first, Math.min(tickCount(run), to + after)),
    beginsMin: (from - first) * SECOND_MIN,
    lastsMin: (to - from) * SECOND_MIN,
    ended: trace.defrostEnd[to] ?? null,
    frostLb: trace.frostLb[Math.max(0, from - 1)]!,
    leftLb: trace.frostLb[to - 1]!,
    coldestSupplyF: trace.supplyF.slice(from, to).reduce((least, each) => Math.min(least, each), Infinity),
    outdoorF: trace.outdoorF[from]!,
  };
};
