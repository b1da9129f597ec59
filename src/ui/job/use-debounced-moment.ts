import { startTransition, useEffect, useState } from 'react';
import type { Moment } from '@/core/control/moment';
import { useMoment } from './deferred-model';

/** The needle counts as resting after this long without moving, ms. */
const RESTS_MS = 250;

/** The moment for slow calculations below the fold: it follows once the needle rests. */
export const useDebouncedMoment = (): Moment => {
  const moment = useMoment();
  const [rested, setRested] = useState(moment);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setRested(moment)), RESTS_MS);
    return () => clearTimeout(timer);
  }, [moment]);
  return rested;
};
