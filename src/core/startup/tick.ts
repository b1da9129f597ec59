import { BEFORE_PROOF, type SupplyId } from './energy';
import type { Item } from './step';

/** Something to do and tick off, not to read. */
export const tick = (id: string, label: string): Item => ({ id, label, unit: '', expect: () => ({ kind: 'tick' }) });

/** A supply to open, lock and prove dead; once it is live again it has to be done again. */
export const proveDead = (supply: SupplyId, label: string): Item => ({
  ...tick(`dead-${supply}`, label),
  proves: supply,
  stages: BEFORE_PROOF,
});
