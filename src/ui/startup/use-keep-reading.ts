'use client';

import { useState } from 'react';
import type { ReadingValue } from '@/core/job/reading';
import { meterOhmsOf, type Observation, observedNow } from '@/core/model/observable';
import { useJob, useJobNow } from '../job/provider';
import { usePerson } from '../person';

/**
 * Keeps a reading under an item, once somebody has said who reads; until then it asks.
 * @param of what is read, where it is something that can be
 */
export const useKeepReading = (item: string, of?: Observation) => {
  const addReading = useJob((job) => job.addReading);
  const now = useJobNow();
  const [asksName, setAsksName] = useState(false);
  const keep = (value: ReadingValue, place: string | null = null) => {
    if (!usePerson.getState().author.trim()) {
      setAsksName(true);
      document.getElementById('reading-author')?.focus();
      return;
    }
    setAsksName(false);
    const { facts, readings } = now();
    addReading({
      item,
      value,
      place,
      meterOhms: meterOhmsOf(of),
      replaces: observedNow(facts, readings).get(item)?.id ?? null,
    });
  };
  return { keep, asksName };
};
