import type { LockoutMarker } from '../balance/outdoor-ruler';
import type { Facts } from '../job/document';
import type { Reading } from '../job/reading';
import { observedNow } from '../model/observation-key';
import { type LockoutTest, lockoutTests } from './steps/lockouts';

/** Whether a lockout was proved at the temperature it is set to now. */
const isSeen = (facts: Facts, readings: readonly Reading[], { atF, items }: LockoutTest): string | null => {
  // Called for each marker while it is dragged, so only the lockout items are read.
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
 * When a lockout on the ruler was proved on a visit, on both sides and at its present setting; null: assumed.
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
