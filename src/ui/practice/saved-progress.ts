import { array } from 'yup';
import type { EnteredBy } from '@/core/access/entered-by';
import { parseWith } from '@/core/border/parse';
import type { Played } from '@/core/practice/progress';
import { playedSchema } from '@/core/practice/round-schema';
import { playedRound } from '@/core/sync/queue/requests';
import { sendOrQueue } from '../offline/queued-requests';
import { KEYS } from '../storage/keys';
import { readStored, saveStored } from '../storage/stored';

const roundsSchema = array(playedSchema.required()).required();

/** A person's rounds on this device, latest last. Separate from jobs. */
export const playedBy = (personId: string): readonly Played[] =>
  readStored<Played[]>(KEYS.practice(personId), (value) => parseWith(roundsSchema, value)) ?? [];

/** Stores a finished round once, and sends it now or later. A device without space plays on. */
export const savePlayed = (who: EnteredBy, played: Played): void => {
  const before = playedBy(who.personId);
  if (before.some(({ id }) => id === played.id)) return;
  saveStored(KEYS.practice(who.personId), [...before, played]);
  void sendOrQueue(playedRound(played, who));
};
