import type { Moment } from '../control/moment';
import { type Scenario, SOUND } from '../control/scenario';
import type { Facts } from '../job/document';
import { type JobBasis, jobBasis } from './basis';
import type { Observation } from './observable';
import { perFacts } from './per-facts';
import { type Given, predict, type Prediction } from './predict';

export type { JobBasis } from './basis';

/** Everything that can be asked of a job: worked out once, when it is first wanted. */
export interface JobModel extends JobBasis {
  /** What something reads on the wall under the model's scenario. */
  readonly predict: (moment: Moment, observation: Observation, given?: Given) => Prediction;
  /** What it reads on a sound plan. */
  readonly predictSound: (moment: Moment, observation: Observation, given?: Given) => Prediction;
}

const build = (facts: Facts, scenario: Scenario): JobModel => {
  const basis = jobBasis(facts, scenario);
  const own: Omit<JobModel, keyof JobBasis> = {
    predict: (moment, observation, given) => predict(basis, basis.wall, { ...moment, scenario }, observation, given),
    predictSound: (moment, observation, given) =>
      predict(basis, basis.sound, { ...moment, scenario: SOUND }, observation, given),
  };
  // The basis stays behind it: what is lazy there stays lazy.
  return Object.assign(Object.create(basis) as JobBasis, own);
};

/**
 * The one place to ask anything about a job: plan, wall, states by call and temperature, crossing (what wants a look
 * and its startup apart, see `findingsOf` and `startupOf`). The same facts (the same object) give the same model, so
 * that pages, worker and command line share its work; it is let go with its facts.
 * @param scenario conditions and faults tried on it
 * @example
 * const model = jobModel(facts);
 * model.state(DEFAULT_MOMENT).energised.has('contactor');
 * findingsOf(model).filter(({ severity }) => severity === 'error');
 */
export const jobModel: (facts: Facts, scenario?: Scenario) => JobModel = perFacts(build);
