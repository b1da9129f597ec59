import { type JobModel, jobModel } from '@/core/model/job-model';
import { useJob } from './provider';

/** The job's model for what is drawn of what was just done to it; most of a page has `useModel`, which follows. */
export const useModelNow = (): JobModel => {
  const facts = useJob((job) => job.facts);
  const scenario = useJob((job) => job.moment.scenario);
  return jobModel(facts, scenario);
};
