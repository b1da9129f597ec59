import type { Found, Severity } from '../../job/finding';
import type { BehaviorChange } from '../behavior';

/** A finding on a coil that deviates from the plan: it points at the coil, and the moves fix it. */
export const offPlan = (
  { coil }: BehaviorChange,
  about: { readonly severity: Severity; readonly what: string; readonly aspect: string },
): Found => ({
  ...about,
  fix: 'Land the conductors as planned: the moves are in the list of differences.',
  page: 'wiring',
  at: coil.id,
});

/** Coil changes not covered by other findings: the same coil doing the same. */
export const unexplained = (
  changes: readonly BehaviorChange[],
  told: readonly BehaviorChange[],
): readonly BehaviorChange[] =>
  changes.filter(({ coil, kind }) => !told.some((each) => each.coil.id === coil.id && each.kind === kind));
