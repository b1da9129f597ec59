import { useMemo } from 'react';
import type { SentJob } from '@/workers/day.worker';
import { useJob } from './provider';

/** The job as sent to the worker; the same object while unchanged. */
export const useSentJob = (): SentJob => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const scenario = useJob((job) => job.moment.scenario);
  return useMemo(() => ({ facts, confirmed: [...confirmed], scenario }), [facts, confirmed, scenario]);
};
