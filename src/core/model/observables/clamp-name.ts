import type { Facts } from '../../job/document';
import { type ClampAt, clampId } from '../../strips/clamp';
import { jobKit } from '../../strips/from-job';

/** Clamp place in a key: a circuit by its number; the main feed of a one-circuit kit is that circuit. */
export const clampName = (facts: Facts, clamp: ClampAt): string => {
  if (clamp.kind === 'circuit') return String(clamp.at + 1);
  const isOnly = clamp.kind === 'main' && jobKit(facts, facts.heatKit.ratedVolts).circuits.length === 1;
  return isOnly ? '1' : clampId(clamp);
};
