import type { Played } from '@/core/practice/progress';
import { keepSafe } from '../safe-storage';

const keyOf = (personId: string) => `gate-cross:practice:${personId}`;

/** What somebody has played on this device, the latest last. Nothing of it is a job’s. */
export const playedBy = (personId: string): readonly Played[] => {
  try {
    return JSON.parse(localStorage.getItem(keyOf(personId)) ?? '[]') as Played[];
  } catch {
    return [];
  }
};

/** Keeps a round that has ended, once. */
export const keepPlayed = (personId: string, played: Played): void => {
  const before = playedBy(personId);
  if (before.some(({ id }) => id === played.id)) return;
  try {
    keepSafe(keyOf(personId), JSON.stringify([...before, played]));
  } catch {
    // A device without room plays on.
  }
};
