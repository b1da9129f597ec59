import { useMemo } from 'react';
import type { SentJob } from '@/workers/day.worker';
import { useJob } from './provider';

/** The job as it goes to the worker; the same object as long as it is the same job. */
export const useSentJob = (): SentJob => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const scenario = useJob((job) => job.moment.scenario);
  return useMemo(() => ({ facts, confirmed: [...confirmed], scenario }), [facts, confirmed, scenario]);
};
