import { roundTo } from '../../units/round';
import { fullCoatLb } from '../outdoors/outdoor-coil';
import { outdoorUnitOf } from '../outdoors/outdoor-unit';
import type { HourlyWeather } from '../weather/weather';
import { simulateDays } from './simulated-days';
import { BOARD_VARIANTS, type DayJob, FROST_VARIANTS, type Variant, variantsById } from './variant';

/** A month under one defrost board. */
export interface BoardMonth {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  readonly isBoard: boolean;
  readonly kWh: number;
  readonly dollars: number;
  readonly defrosts: number;
  readonly cappedDefrosts: number;
  readonly mostFrostLb: number;
  readonly leftFrostLb: number;
  /** Minutes of defrost, and minutes of cold supply air. */
  readonly defrostMin: number;
  readonly coldAirMin: number;
  /** Whether frost builds up from defrost to defrost until it covers the coil. */
  readonly isSnowballing: boolean;
}

const MONTH_MIN = 30 * 1440;
/** Share of a full coat left after this many defrosts in a row that means the coil no longer clears. */
const SNOWBALL = { coat: 0.5, defrosts: 3 } as const;

/** Whether defrost after defrost leaves ice on the coil. */
const isSnowball = (leftLb: readonly number[], fullLb: number): boolean => {
  let inARow = 0;
  return leftLb.some((each) => {
    inARow = each > SNOWBALL.coat * fullLb ? inARow + 1 : 0;
    return inARow >= SNOWBALL.defrosts;
  });
};

const monthOf = (job: DayJob, variant: Variant, weather: HourlyWeather, day: number): BoardMonth => {
  const { run, summary } = simulateDays(job, variant, weather, { day, minutes: MONTH_MIN, stepMin: 1 });
  const { trace } = run;
  const ends: readonly number[] = trace.defrostEnd.flatMap((end, tick) => (end === null ? [] : [trace.frostLb[tick]!]));
  const left =
    ends.length === 0 ? (trace.frostLb.at(-1) ?? 0) : ends.reduce((sum, each) => sum + each, 0) / ends.length;
  return {
    id: variant.id,
    label: variant.label,
    about: variant.about,
    isBoard: BOARD_VARIANTS.includes(variant),
    kWh: roundTo(summary.cost.kWh, 1),
    dollars: roundTo(summary.cost.total, 2),
    defrosts: summary.defrosts,
    cappedDefrosts: summary.cappedDefrosts,
    mostFrostLb: summary.mostFrostLb,
    leftFrostLb: left,
    defrostMin: trace.inDefrost.filter(Boolean).length,
    coldAirMin: summary.coldAirMin,
    isSnowballing: isSnowball(ends, fullCoatLb(outdoorUnitOf(job.model.facts).full(47))),
  };
};

/**
 * A month of a job as set now, under each board, and with each fault that keeps frost on the coil.
 * @param onShare called with progress, from 0 to 1
 */
export const boardMonths = (
  job: DayJob,
  weather: HourlyWeather,
  day: number,
  onShare: (share: number) => void = () => undefined,
): BoardMonth[] => {
  const variants = [...variantsById(job, ['stands']), ...BOARD_VARIANTS, ...FROST_VARIANTS];
  return variants.map((variant, at) => {
    onShare(at / variants.length);
    return monthOf(job, variant, weather, day);
  });
};
