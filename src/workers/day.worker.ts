import { expose } from 'comlink';
import type { Scenario } from '@/core/control/scenario';
import type { FactPath, Facts } from '@/core/job/document';
import { jobBasis } from '@/core/model/basis';
import { type BoardMonth, boardMonths } from '@/core/simulation/board-months';
import { type DaySpan, differenceFrom, liveDays, type LivedDay } from '@/core/simulation/lived';
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
  readonly lived: readonly LivedDay[];
  readonly differences: readonly (readonly string[])[];
}

const jobOf = ({ facts, confirmed, scenario }: SentJob): DayJob => ({
  basis: jobBasis(facts, scenario),
  confirmed: new Set(confirmed),
});

const api = {
  /** Some days of a job, in each way asked for. */
  live: (sent: SentJob, ids: readonly string[], weather: HourlyWeather, span: DaySpan): DayAnswer => {
    const job = jobOf(sent);
    const lived = variantsById(job, ids).map((variant) => liveDays(job, variant, weather, span));
    return {
      lived,
      differences: lived.map((each, at) => (at === 0 ? [] : differenceFrom(lived[0]!, each, sent.facts))),
    };
  },
  /** A month under each defrost board, and with what makes frost stay. */
  boards: (sent: SentJob, weather: HourlyWeather, day: number): BoardMonth[] => boardMonths(jobOf(sent), weather, day),
};

/** What the day worker answers. */
export type DayWorker = typeof api;

expose(api);
