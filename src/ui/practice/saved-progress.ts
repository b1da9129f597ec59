import type { Played } from '@/core/practice/progress';
import { queueRequest } from '../offline/queued-requests';
import { call } from '../requests/api';
import { saveSafe } from '../storage/safe-storage';

const keyOf = (personId: string) => `gate-cross:practice:${personId}`;

/** What someone has played on this device, the latest last. Nothing of it is a job’s. */
export const playedBy = (personId: string): readonly Played[] => {
  try {
    return JSON.parse(localStorage.getItem(keyOf(personId)) ?? '[]') as Played[];
  } catch {
    return [];
  }
};

const PATH = '/api/practice';

/** Tells the server how a round ended: now, or once it is reached. */
const tellServer = async (personId: string, played: Played): Promise<void> => {
  const answer = await call(PATH, { method: 'POST', body: played });
  if (answer.kind !== 'lost') return;
  const { id, title } = played;
  const words = `Practice: ${title}`;
  queueRequest({ id, about: id, personId, phase: 'after', words, path: PATH, method: 'POST', body: played });
};

/** Keeps a round that has ended, once, and has the server know of it. */
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
