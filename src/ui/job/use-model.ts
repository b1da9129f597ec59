import { type JobModel, jobModel } from '@/core/model';
import { useJob } from './provider';

/** Everything worked out of the job as it stands here, under what is being tried; shared by all parts of a page. */
export const useModel = (): JobModel => {
  const facts = useJob((job) => job.facts);
  const scenario = useJob((job) => job.moment.scenario);
  return jobModel(facts, scenario);
};
