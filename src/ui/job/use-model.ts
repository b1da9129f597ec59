import { useDeferredValue } from 'react';
import { type JobModel, jobModel } from '@/core/model';
import { useJob } from './provider';

/** Everything worked out of the job as it stands here, under what is being tried; shared by all parts of a page. */
export const useModel = (): JobModel => {
  // What is worked out of the facts follows after what was typed or dragged is painted.
  const facts = useDeferredValue(useJob((job) => job.facts));
  const scenario = useDeferredValue(useJob((job) => job.moment.scenario));
  return jobModel(facts, scenario);
};
