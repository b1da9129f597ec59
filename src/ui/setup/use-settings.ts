'use client';

import { useMemo } from 'react';
import { resolveSettings } from '@/core/setup/resolve';
import { useJob } from '../job/provider';

/** The job's settings as they are to be, for the facts as they are now. */
export const useSettings = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  return useMemo(() => resolveSettings({ facts, confirmed }), [facts, confirmed]);
};
