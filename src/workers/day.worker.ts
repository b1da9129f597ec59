import { expose } from 'comlink';
import type { Parsed } from '@/core/border/parse';
import type { Scenario } from '@/core/control/scenario';
import { readLoggerCsv } from '@/core/formats/logger-csv';
import type { FactPath, Facts } from '@/core/job/document';
import { jobModel } from '@/core/model/job-model';
import type { LockoutPlan } from '@/core/setup/ways/way';
import { type BoardMonth, boardMonths } from '@/core/simulation/day/board-months';
import { type Magnified, magnified } from '@/core/simulation/day/magnified';
import { type DaySpan, differenceFrom, simulateDays, type SimulatedDay } from '@/core/simulation/day/simulated-days';
import { simulatedLogger } from '@/core/simulation/day/stand-in-logger';
import { type DayJob, variantsById } from '@/core/simulation/day/variant';
import { type MeasuredHouse, measuredHouse } from '@/core/simulation/house/measured-house';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import { type MinuteReason, minuteReasons } from '@/core/simulation/year/minute-reasons';
import { compareMinutes, type MinuteExtent, type MinutePlan } from '@/core/simulation/year/minute-ways';

/** A job for the worker: facts, not devices, which contain functions. */
export interface SentJob {
  readonly facts: Facts;
  readonly confirmed: readonly FactPath[];
  readonly scenario: Scenario;
}

/** Days simulated under each plan, and their differences from the first. */
export interface DayAnswer {
  readonly lived: readonly SimulatedDay[];
  readonly differences: readonly (readonly string[])[];
}

const jobOf = ({ facts, confirmed, scenario }: SentJob): DayJob => ({
  model: jobModel(facts, scenario),
  confirmed: new Set(confirmed),
});

const api = {
  /** Days of a job under each plan. */
  live: (sent: SentJob, ids: readonly string[], weather: HourlyWeather, span: DaySpan): DayAnswer => {
    const job = jobOf(sent);
    const lived = variantsById(job, ids).map((variant) => simulateDays(job, variant, weather, span));
    return {
      lived,
      differences: lived.map((each, at) => (at === 0 ? [] : differenceFrom(lived[0]!, each, sent.facts))),
    };
  },
  /** A month under each defrost board, and with faults that leave frost. */
  boards: (sent: SentJob, weather: HourlyWeather, day: number, onShare: (share: number) => void): BoardMonth[] =>
    boardMonths(jobOf(sent), weather, day, onShare),
  /** One defrost of a plan, second by second; null: none. */
  magnify: (sent: SentJob, id: string, weather: HourlyWeather, day: number): Magnified | null => {
    const job = jobOf(sent);
    return magnified(job, variantsById(job, [id])[0]!, weather, day);
  },
  /** The job as set now and under each plan, by the minute. */
  compareMinutes: (
    sent: SentJob,
    ways: readonly LockoutPlan[],
    weather: HourlyWeather,
    extent: MinuteExtent,
    onShare: (share: number) => void,
  ): MinutePlan[] => compareMinutes(jobOf(sent), ways, weather, extent, onShare),
  /** Results of a job's year that only minutes give. */
  reasons: (sent: SentJob, weather: HourlyWeather): MinuteReason[] => minuteReasons(jobOf(sent), weather),
  /** A job's house fitted to a logger file. */
  measure: (sent: SentJob, text: string): Parsed<MeasuredHouse> => {
    const lines = readLoggerCsv(text);
    return lines.ok ? measuredHouse(sent.facts, lines.value) : lines;
  },
  /** A logger file as the job's house would produce it. */
  standIn: (sent: SentJob, weather: HourlyWeather, day: number): string => simulatedLogger(jobOf(sent), weather, day),
};

/** API of the day worker. */
export type DayWorker = typeof api;

expose(api);
