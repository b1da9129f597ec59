import type { Moment } from '../control/moment';
import { SOUND } from '../control/scenario';
import type { FactPath } from '../job/document';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model';
import { type PlannedStep, startupPlan } from './plan';

interface Kept {
  readonly readings: readonly Reading[];
  readonly confirmed: ReadonlySet<FactPath> | undefined;
  readonly moment: Pick<Moment, 'outdoorF' | 'indoorF' | 'call'>;
  readonly steps: readonly PlannedStep[];
}

/** The last startup of each model: its pages ask for the same one again and again. */
const lastOf = new WeakMap<JobModel, Kept>();

/**
 * The startup of a job with its verdicts. What is tried never counts there: a reading is judged by a good system.
 * @param moment stands in for conditions that were not measured yet
 * @param confirmed facts that somebody has looked at; all count so where it is not given
 */
export const startupOf = (
  model: JobModel,
  readings: readonly Reading[],
  { outdoorF, indoorF, call }: Moment,
  confirmed?: ReadonlySet<FactPath>,
): readonly PlannedStep[] => {
  const kept = lastOf.get(model);
  if (
    kept?.readings === readings &&
    kept.confirmed === confirmed &&
    kept.moment.outdoorF === outdoorF &&
    kept.moment.indoorF === indoorF &&
    kept.moment.call === call
  )
    return kept.steps;
  const moment = { outdoorF, indoorF, call };
  const steps = startupPlan(model, readings, { ...moment, scenario: SOUND }, confirmed);
  lastOf.set(model, { readings, confirmed, moment, steps });
  return steps;
};
