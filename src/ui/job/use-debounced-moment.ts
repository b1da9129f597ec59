import { startTransition, useEffect, useState } from 'react';
import type { Moment } from '@/core/control/moment';
import { useMoment } from './deferred-model';

/** The needle stands once it has not moved for this long, ms. */
const RESTS_MS = 250;

/** The moment for what stands below the fold and takes long to calculate: it follows once the needle stands. */
export const useDebouncedMoment = (): Moment => {
  const moment = useMoment();
  const [rested, setRested] = useState(moment);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setRested(moment)), RESTS_MS);
    return () => clearTimeout(timer);
  }, [moment]);
  return rested;
};
