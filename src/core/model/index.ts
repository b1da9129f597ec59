import { type JobBasis, jobBasis } from './basis';

export type { JobBasis } from './basis';

/** Everything that can be asked of a job: worked out once, when it is first wanted. */
export type JobModel = JobBasis;

/**
 * The one place to ask anything about a job: plan, wall, states by call and temperature, crossing (what it reads, what
 * wants a look and its startup apart, see `readsOnWall`, `findingsOf` and `startupOf`). The same facts (the same
 * object) give the same model, so that pages, worker and command line share its work; it is let go with its facts. Its
 * scenario is what is tried on it: conditions and faults.
 * @example
 * const model = jobModel(facts);
 * model.state(DEFAULT_MOMENT).energised.has('contactor');
 * findingsOf(model).filter(({ severity }) => severity === 'error');
 */
export const jobModel = jobBasis;
