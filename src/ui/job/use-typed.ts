'use client';

import { useState } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { useStoreOfJob } from './provider';
import type { JobState } from './state';

/** Fields outside of a job: no unfinished text. */
const NOTHING_TYPED = createStore<Pick<JobState, 'typed'>>()(() => ({ typed: {} }));

/**
 * Unfinished text of a field; null: none. In a job, a named field stores each keystroke on the device, so that a reload
 * or page change restores it.
 * @param name unique in a job; without one the text lives as long as the field
 */
export const useTyped = (name: string | undefined): readonly [string | null, (text: string | null) => void] => {
  const job = useStoreOfJob();
  const [own, setOwn] = useState<string | null>(null);
  const kept = useStore<typeof NOTHING_TYPED, string | null>(job ?? NOTHING_TYPED, ({ typed }) =>
    name === undefined ? null : (typed[name]?.text ?? null),
  );
  if (!job || name === undefined) return [own, setOwn];
  const place = () => `${window.location.pathname}${window.location.search}`;
  return [kept, (text) => job.getState().setTyped(name, text === null ? null : { text, place: place() })];
};
