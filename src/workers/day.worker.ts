import { expose } from 'comlink';
import type { Parsed } from '@/core/border/parse';
import type { Scenario } from '@/core/control/scenario';
import type { FactPath, Facts } from '@/core/job/document';
import { jobModel } from '@/core/model/job-model';
import type { LockoutPlan } from '@/core/setup/ways/way';
import { type BoardMonth, boardMonths } from '@/core/simulation/board-months';
import { type Magnified, magnified } from '@/core/simulation/magnified';
import { type MeasuredHouse, measuredHouse } from '@/core/simulation/measured-house';
import { type MinuteReason, minuteReasons } from '@/core/simulation/minute-reasons';
import { compareMinutes, type MinuteExtent, type MinutePlan } from '@/core/simulation/minute-ways';
import { type DaySpan, differenceFrom, simulateDays, type SimulatedDay } from '@/core/simulation/simulated-days';
import { simulatedLogger } from '@/core/simulation/stand-in-logger';
import { type DayJob, variantsById } from '@/core/simulation/variant';
import type { HourlyWeather } from '@/core/simulation/weather';

/** A job as it travels: facts, not devices, for those hold functions. */
export interface SentJob {
  readonly facts: Facts;
  readonly confirmed: readonly FactPath[];
  readonly scenario: Scenario;
}

/** Days lived in each way asked for, and what sets each apart from the first. */
export interface DayAnswer {
  readonly lived: readonly SimulatedDay[];
  readonly differences: readonly (readonly string[])[];
}

const jobOf = ({ facts, confirmed, scenario }: SentJob): DayJob => ({
  model: jobModel(facts, scenario),
  confirmed: new Set(confirmed),
});

const api = {
  /** Some days of a job, in each way asked for. */
  live: (sent: SentJob, ids: readonly string[], weather: HourlyWeather, span: DaySpan): DayAnswer => {
    const job = jobOf(sent);
    const lived = variantsById(job, ids).map((variant) => simulateDays(job, variant, weather, span));
    return {
      lived,
      differences: lived.map((each, at) => (at === 0 ? [] : differenceFrom(lived[0]!, each, sent.facts))),
    };
  },
  /** A month under each defrost board, and with what makes frost stay. */
  boards: (sent: SentJob, weather: HourlyWeather, day: number, onShare: (share: number) => void): BoardMonth[] =>
    boardMonths(jobOf(sent), weather, day, onShare),
  /** One defrost of a way of living a day, second by second; null: there is none. */
  magnify: (sent: SentJob, id: string, weather: HourlyWeather, day: number): Magnified | null => {
    const job = jobOf(sent);
    return magnified(job, variantsById(job, [id])[0]!, weather, day);
  },
  /** The job as set now and under each way, by the minute. */
  compareMinutes: (
    sent: SentJob,
    ways: readonly LockoutPlan[],
    weather: HourlyWeather,
    extent: MinuteExtent,
    onShare: (share: number) => void,
  ): MinutePlan[] => compareMinutes(jobOf(sent), ways, weather, extent, onShare),
  /** What minutes know of a job's year that bins and hours do not. */
  reasons: (sent: SentJob, weather: HourlyWeather): MinuteReason[] => minuteReasons(jobOf(sent), weather),
  /** A job's house fitted to a logger's file. */
  measure: (sent: SentJob, text: string): Parsed<MeasuredHouse> => measuredHouse(sent.facts, text),
  /** A logger's file as the job's house would write it. */
  standIn: (sent: SentJob, weather: HourlyWeather, day: number): string => simulatedLogger(jobOf(sent), weather, day),
};

/** What the day worker answers. */
export type DayWorker = typeof api;

expose(api);
