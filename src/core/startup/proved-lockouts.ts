import type { LockoutMarker } from '../balance/outdoor-ruler';
import type { Facts } from '../job/document';
import type { Reading } from '../job/reading';
import { observedNow } from '../model/observable';
import { type LockoutTest, lockoutTests } from './steps/lockouts';

/** Whether what was seen of a lockout was seen at the temperature it is at now. */
const isSeen = (facts: Facts, readings: readonly Reading[], { atF, items }: LockoutTest): string | null => {
  // Asked for each post while it is dragged: nothing but what was said of lockouts is gone through.
  const now = observedNow(
    facts,
    readings.filter(({ item }) => item.startsWith('gates/')),
  );
  const times = items.map((id) => {
    const reading = now.get(`gates/${id}`);
    return reading?.value === 'done' && reading.place === String(atF) ? reading.at : null;
  });
  return times.includes(null) ? null : (times as string[]).reduce((last, at) => (at > last ? at : last));
};

/**
 * When a post of the ruler was proved on a visit, on both sides and at the temperature where it stands now; null: it is
 * assumed.
 * @returns ISO 8601
 */
export const lockoutsTested = (
  facts: Facts,
  readings: readonly Reading[],
  { fact, row }: LockoutMarker,
): string | null => {
  const proof = lockoutTests(facts).find((each) => each.fact === fact && each.row === (row ?? null));
  return proof ? isSeen(facts, readings, proof) : null;
};
