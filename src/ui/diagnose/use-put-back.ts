'use client';

import { useMemo } from 'react';
import { toPutBack } from '@/core/diagnosis/recorded-items';
import { useJob } from '../job/provider';

/** Changes for a night, on this or an earlier visit, that are not restored yet. */
export const usePutBack = (): readonly string[] => {
  const saved = useJob((job) => job.saved.readings);
  const readings = useJob((job) => job.readings);
  return useMemo(
    () => toPutBack([...new Map([...saved, ...readings].map((each) => [each.id, each])).values()]),
    [saved, readings],
  );
};
