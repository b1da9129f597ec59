'use client';

import { useMemo } from 'react';
import { resolveSettings } from '@/core/setup/resolve';
import { useJob } from '../job/provider';

/** The job's settings for its present facts. */
export const useSettings = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  return useMemo(() => resolveSettings({ facts, confirmed }), [facts, confirmed]);
};
