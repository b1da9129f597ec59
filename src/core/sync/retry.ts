/** Delays after consecutive unanswered attempts, ms: short at first, then longer. */
const DELAYS_MS = [3000, 3000, 3000, 6000, 12_000, 20_000] as const;

/**
 * Delay before the next attempt, ms. Half of it is random, so that the devices of a crew do not all return in the same
 * moment when a server comes back.
 * @param lostInARow consecutive unanswered attempts before this one
 * @param chance random, 0 to 1
 */
export const retryDelayMs = (lostInARow: number, chance: number): number => {
  const delayMs = DELAYS_MS[Math.min(lostInARow, DELAYS_MS.length - 1)]!;
  return Math.round(delayMs / 2 + (delayMs / 2) * chance);
};
