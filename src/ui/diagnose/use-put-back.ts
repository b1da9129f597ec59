'use client';

import { useMemo } from 'react';
import { toPutBack } from '@/core/diagnosis/recorded-items';
import { useJob } from '../job/provider';

/** What was set or moved for a night, on this visit or an earlier one, and is not put back yet. */
export const usePutBack = (): readonly string[] => {
  const saved = useJob((job) => job.saved.readings);
  const readings = useJob((job) => job.readings);
  return useMemo(
    () => toPutBack([...new Map([...saved, ...readings].map((each) => [each.id, each])).values()]),
    [saved, readings],
  );
};
