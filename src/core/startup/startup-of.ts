import type { CallId, Moment } from '../control/moment';
import { NO_FAULTS } from '../control/scenario';
import type { FactPath } from '../job/document';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { memoizeLast } from '../model/memoize-last';
import { type PlannedStep, startupPlan } from './plan';

const planOf = memoizeLast(
  (
    model: JobModel,
    readings: readonly Reading[],
    confirmed: ReadonlySet<FactPath> | undefined,
    outdoorF: number,
    indoorF: number,
    call: CallId,
  ): readonly PlannedStep[] =>
    startupPlan(model, readings, { outdoorF, indoorF, call, scenario: NO_FAULTS }, confirmed),
);

/**
 * The startup of a job with its verdicts. What is tried never counts there: a reading is judged by a good system.
 * @param moment is in for conditions that were not measured yet
 * @param confirmed facts that someone has looked at; all count so where it is not given
 */
export const startupOf = (
  model: JobModel,
  readings: readonly Reading[],
  { outdoorF, indoorF, call }: Moment,
  confirmed?: ReadonlySet<FactPath>,
): readonly PlannedStep[] => planOf(model, readings, confirmed, outdoorF, indoorF, call);
