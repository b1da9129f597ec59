'use client';

import { useMemo } from 'react';
import { setupFindings } from '@/core/setup/findings';
import { resolveSettings } from '@/core/setup/resolve';
import { useJob } from '../job/provider';

/** The job's settings as they are to be, for the facts as they are now. */
export const useSettings = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  return useMemo(() => resolveSettings({ facts, confirmed }), [facts, confirmed]);
};

/** Settings, and what contradicts what among them. */
export const useSetup = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const settings = useSettings();
  const findings = useMemo(() => setupFindings({ facts, confirmed }, settings), [facts, confirmed, settings]);
  return { facts, settings, findings };
};
