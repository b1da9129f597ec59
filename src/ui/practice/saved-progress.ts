import type { Played } from '@/core/practice/progress';
import { queueRequest } from '../offline/queued-requests';
import { call } from '../requests/api';
import { saveSafe } from '../storage/safe-storage';

const keyOf = (personId: string) => `gate-cross:practice:${personId}`;

/** A person's rounds on this device, latest last. Separate from jobs. */
export const playedBy = (personId: string): readonly Played[] => {
  try {
    return JSON.parse(localStorage.getItem(keyOf(personId)) ?? '[]') as Played[];
  } catch {
    return [];
  }
};

const PATH = '/api/practice';

/** Sends a round's result to the server, now or later. */
const tellServer = async (personId: string, played: Played): Promise<void> => {
  const answer = await call(PATH, { method: 'POST', body: played });
  if (answer.kind !== 'lost') return;
  const { id, title } = played;
  const words = `Practice: ${title}`;
  queueRequest({ id, about: id, personId, phase: 'after', words, path: PATH, method: 'POST', body: played });
};

/** Stores a finished round once, and sends it. */
export const savePlayed = (personId: string, played: Played): void => {
  const before = playedBy(personId);
  if (before.some(({ id }) => id === played.id)) return;
  try {
    saveSafe(keyOf(personId), JSON.stringify([...before, played]));
  } catch {
    // A device without room plays on.
  }
  void tellServer(personId, played);
};
