import type { StopId } from '../stop-work/stops';
import { BEFORE_VERIFIED, STILL_LIVE, type SupplyId } from './energy';
import type { Item } from './step';

/** Something to do and tick off, not to read. */
export const tick = (id: string, label: string): Item => ({ id, label, unit: '', expect: () => ({ kind: 'tick' }) });

/** A supply to open, lock and verify dead; once it is live again it has to be done again. */
export const verifyDead = (supply: SupplyId, label: string): Item => ({
  ...tick(`dead-${supply}`, label),
  proves: supply,
  stages: BEFORE_VERIFIED,
  stops: 'not-verified-dead',
  fails: { word: STILL_LIVE, label: 'Still live', means: 'Locked out, and it still shows volts.' },
});

/** Something to do that can also end badly, and then stops the work. */
export const verifiedTick = (id: string, label: string, stops: StopId, fails: NonNullable<Item['fails']>): Item => ({
  ...tick(id, label),
  stops,
  fails,
});
