import type { Moment } from '../control/moment';
import type { FactPath } from '../job/document';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { type ActiveStop, activeStops } from './active-stops';
import { startupOf } from './startup-of';

/**
 * Active stops of a job.
 * @param readings of the current visit; its expectations judge
 * @param all readings of every visit, these included
 */
export const jobStops = (
  model: JobModel,
  readings: readonly Reading[],
  all: readonly Reading[],
  moment: Moment,
  confirmed?: ReadonlySet<FactPath>,
): readonly ActiveStop[] =>
  all.length === 0 && model.facts.changeout.readings.length === 0
    ? []
    : activeStops(model.facts, startupOf(model, readings, moment, confirmed), all);
