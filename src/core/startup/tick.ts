import type { StopId } from '../safety/stops';
import { BEFORE_VERIFIED, STILL_LIVE, type SupplyId } from './energy';
import type { Item } from './step';

/** A task to tick off, without a reading. */
export const tick = (id: string, label: string): Item => ({ id, label, unit: '', expect: () => ({ kind: 'tick' }) });

/** A supply to open, lock and verify dead; if it becomes live again, it must be done again. */
export const verifyDead = (supply: SupplyId, label: string): Item => ({
  ...tick(`dead-${supply}`, label),
  proves: supply,
  stages: BEFORE_VERIFIED,
  stops: 'not-verified-dead',
  fails: { word: STILL_LIVE, label: 'Still live', means: 'Locked out, and it still shows volts.' },
});

/** A task that can also fail, and then stops the work. */
export const verifiedTick = (id: string, label: string, stops: StopId, fails: NonNullable<Item['fails']>): Item => ({
  ...tick(id, label),
  stops,
  fails,
});
