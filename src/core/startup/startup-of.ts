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
 * A job's startup with verdicts. A simulation never counts there: readings are judged by a good system.
 * @param moment for conditions that are not measured yet
 * @param confirmed confirmed facts; all if not given
 */
export const startupOf = (
  model: JobModel,
  readings: readonly Reading[],
  { outdoorF, indoorF, call }: Moment,
  confirmed?: ReadonlySet<FactPath>,
): readonly PlannedStep[] => planOf(model, readings, confirmed, outdoorF, indoorF, call);
