import { type JobModel, jobModel } from '@/core/model/job-model';
import { useJob } from './provider';

/** The job's model for what directly follows input; most of a page uses `useModel`, which is deferred. */
export const useModelNow = (): JobModel => {
  const facts = useJob((job) => job.facts);
  const scenario = useJob((job) => job.moment.scenario);
  return jobModel(facts, scenario);
};
