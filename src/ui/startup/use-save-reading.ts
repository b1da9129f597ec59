'use client';

import { readingStanding, type ReadingValue } from '@/core/job/reading';
import { meterOhmsOf, type Observation, observed } from '@/core/model/observable';
import { useJob, useJobNow } from '../job/provider';

/** What stands of an item now, by its id. */
const useStanding = (item: string): (() => string | null) => {
  const now = useJobNow();
  return () => {
    const { facts, readings } = now();
    return readingStanding(observed(facts, readings), item)?.id ?? null;
  };
};

/** What else is said of a reading: a note; what an instrument that sent it says of itself. */
export interface ReadingDetails {
  readonly note?: string;
  readonly instrument?: string;
  readonly meterOhms?: number | null;
}

/**
 * Keeps a reading under an item. Who reads is asked for once on the device; until then it waits here.
 * @param of what is read, where it is something that can be
 */
export const useSaveReading = (item: string, of?: Observation) => {
  const addReading = useJob((job) => job.addReading);
  const standing = useStanding(item);
  return (value: ReadingValue, place: string | null = null, beside: ReadingDetails = {}) =>
    addReading({ item, value, place, meterOhms: meterOhmsOf(of), ...beside, replaces: standing() });
};

/** Says of an item that its reading does not count, or that it was not read; and why. The record keeps all of it. */
export const useUndoReading = (item: string) => {
  const addReading = useJob((job) => job.addReading);
  const standing = useStanding(item);
  return {
    withdraw: (why: string) => addReading({ item, status: 'withdrawn', why, replaces: standing() }),
    leaveOut: (why: string) => addReading({ item, status: 'not-measured', why, replaces: standing() }),
  };
};
