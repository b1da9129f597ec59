import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const lockoutUnderUnitLimit: Rule<SetupSubject> = {
  id: 'lockout-under-unit-limit',
  why: 'Of two gates in one lane the warmer one rules.',
  check: (subject) => {
    const lockoutF = numberOf(subject, 'compressor-lockout');
    const { minOutdoorF } = subject.facts.outdoorUnit;
    return lockoutF !== null && minOutdoorF !== null && lockoutF < minOutdoorF
      ? [
          about('compressor-lockout', {
            severity: 'warning',
            what: `The lockout at ${lockoutF} °F does nothing: the unit stops itself below ${minOutdoorF} °F, with Y still called and no backup first stage.`,
            mend: `Set it to ${minOutdoorF} °F or above, so that the backup takes over as first stage.`,
            mendBy: toSet(subject, 'compressor-lockout', minOutdoorF, 'The unit’s own limit.'),
          }),
        ]
      : [];
  },
};
