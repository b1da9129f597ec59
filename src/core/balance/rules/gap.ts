import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { jobBalance } from '../from-job';

/**
 * Whether raising the backup lockout closes the gap; an outdoor thermostat or the low-temperature cutoff may be the
 * cause.
 */
const isBetweenLockouts = (facts: Facts): boolean => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  return compressorBelowF !== null && auxAboveF !== null && auxAboveF < compressorBelowF;
};

export const gap: Rule<Facts> = {
  id: 'hole-between-gates',
  why: 'Between the two lockouts no heat source is allowed to run.',
  check: (facts) =>
    jobBalance(facts).gapsF.map(([fromF, toF], at) => ({
      severity: 'error',
      what: `From ${Math.round(fromF)} to ${Math.round(toF)} °F outside, no heat source is allowed to run.`,
      fix: 'Set the lockouts equal or overlapping: drag one of the markers on the ruler.',
      page: 'survey',
      fact: 'gates.compressorBelowF',
      aspect: `span ${at + 1}`,
      ...(isBetweenLockouts(facts)
        ? { fixBy: [{ path: 'gates.auxAboveF', value: facts.gates.compressorBelowF! + facts.proof.lockoutPlayF }] }
        : {}),
    })),
};
