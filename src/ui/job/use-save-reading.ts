'use client';

import { readingStanding, type ReadingValue } from '@/core/job/reading';
import type { Observation } from '@/core/model/observable';
import { meterOhmsOf, observed } from '@/core/model/observation-key';
import { useJob, useJobNow } from './provider';

/** Id of an item's present entry. */
const useStanding = (item: string): (() => string | null) => {
  const now = useJobNow();
  return () => {
    const { facts, readings } = now();
    return readingStanding(observed(facts, readings), item)?.id ?? null;
  };
};

/** Additional data of a reading: a note; details from its instrument. */
export interface ReadingDetails {
  readonly note?: string;
  readonly instrument?: string;
  readonly meterOhms?: number | null;
}

/**
 * Stores a reading under an item. Asks for the person once per device; until then it waits here.
 * @param of what is read, if observable
 */
export const useSaveReading = (item: string, of?: Observation) => {
  const addReading = useJob((job) => job.addReading);
  const standing = useStanding(item);
  return (value: ReadingValue, place: string | null = null, beside: ReadingDetails = {}) =>
    addReading({ item, value, place, meterOhms: meterOhmsOf(of), ...beside, replaces: standing() });
};

/** Withdraws a reading, or marks an item as not measured, with the reason. The record keeps all of it. */
export const useUndoReading = (item: string) => {
  const addReading = useJob((job) => job.addReading);
  const standing = useStanding(item);
  return {
    withdraw: (why: string) => addReading({ item, status: 'withdrawn', why, replaces: standing() }),
    leaveOut: (why: string) => addReading({ item, status: 'not-measured', why, replaces: standing() }),
  };
};
