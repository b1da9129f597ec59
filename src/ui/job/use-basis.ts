import { type JobBasis, jobBasis } from '@/core/model/basis';
import { useJob } from './provider';

/** Plan, wall and states of the job, for parts that need no findings and no startup. */
export const useBasis = (): JobBasis => {
  const facts = useJob((job) => job.facts);
  const scenario = useJob((job) => job.moment.scenario);
  return jobBasis(facts, scenario);
};
