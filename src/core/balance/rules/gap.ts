import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { jobCrossing } from '../from-job';

/**
 * Whether raising the backup's lockout closes the hole; an outdoor thermostat or the unit's own limit may be what
 * holds.
 */
const isBetweenLockouts = (facts: Facts): boolean => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  return compressorBelowF !== null && auxAboveF !== null && auxAboveF < compressorBelowF;
};

export const hole: Rule<Facts> = {
  id: 'hole-between-gates',
  why: 'Between the two lockouts nothing may heat the house.',
  check: (facts) =>
    jobCrossing(facts).holesF.map(([fromF, toF], at) => ({
      severity: 'error',
      what: `From ${Math.round(fromF)} to ${Math.round(toF)} °F out, no source may run.`,
      mend: 'Bring the two lockouts together or let them overlap: drag one of the posts on the ruler.',
      page: 'survey',
      fact: 'gates.compressorBelowF',
      aspect: `span ${at + 1}`,
      ...(isBetweenLockouts(facts)
        ? { mendBy: [{ path: 'gates.auxAboveF', value: facts.gates.compressorBelowF! + facts.proof.lockoutPlayF }] }
        : {}),
    })),
};
