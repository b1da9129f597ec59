'use client';

import type { ReadingValue } from '@/core/job/reading';
import { meterOhmsOf, type Observation, observedNow } from '@/core/model/observable';
import { useJob, useJobNow } from '../job/provider';

/**
 * Keeps a reading under an item. Who reads is asked for once on the device; until then it waits here.
 * @param of what is read, where it is something that can be
 */
export const useKeepReading = (item: string, of?: Observation) => {
  const addReading = useJob((job) => job.addReading);
  const now = useJobNow();
  return (value: ReadingValue, place: string | null = null) => {
    const { facts, readings } = now();
    addReading({
      item,
      value,
      place,
      meterOhms: meterOhmsOf(of),
      replaces: observedNow(facts, readings).get(item)?.id ?? null,
    });
  };
};
