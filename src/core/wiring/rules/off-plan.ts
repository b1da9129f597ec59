import type { Found, Severity } from '../../job/finding';
import type { BehaviourChange } from '../behaviour';

/** A coil that does otherwise than planned, as a finding: it points at the coil, and the moves mend it. */
export const offPlan = (
  { coil }: BehaviourChange,
  about: { readonly severity: Severity; readonly what: string; readonly aspect: string },
): Found => ({
  ...about,
  mend: 'Land the conductors as planned: the moves are in the list of differences.',
  page: 'wiring',
  at: coil.id,
});

/** Changes of coils that others do not tell already: the same coil doing the same. */
export const untold = (
  changes: readonly BehaviourChange[],
  told: readonly BehaviourChange[],
): readonly BehaviourChange[] =>
  changes.filter(({ coil, kind }) => !told.some((each) => each.coil.id === coil.id && each.kind === kind));
