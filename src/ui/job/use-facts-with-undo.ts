'use client';

import { type FactChange, factValue } from '@/core/job/document';
import { toast } from '../kit/toast';
import { useJob, useJobNow } from './provider';

/** Changes several facts at once and shows a message with an Undo for all of them. */
export const useFactsWithUndo = (): ((changes: readonly FactChange[], words: string) => void) => {
  const setFacts = useJob((job) => job.setFacts);
  const now = useJobNow();
  return (changes, words) => {
    const before = changes.map(({ path }) => ({ path, value: factValue(now().facts, path) }));
    setFacts(changes);
    toast(words, { action: { label: 'Undo', onClick: () => setFacts(before) } });
  };
};
