import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const lockoutUnderUnitLimit: Rule<SetupSubject> = {
  id: 'lockout-under-unit-limit',
  why: 'When two lockouts act on one source, the warmer one controls.',
  check: (subject) => {
    const lockoutF = numberOf(subject, 'compressor-lockout');
    const { minOutdoorF } = subject.facts.outdoorUnit;
    return lockoutF !== null && minOutdoorF !== null && lockoutF < minOutdoorF
      ? [
          about('compressor-lockout', {
            severity: 'warning',
            what: `The ${lockoutF} °F lockout does nothing: the unit cuts out below ${minOutdoorF} °F with Y still on, and backup does not become first stage.`,
            fix: `Set it to ${minOutdoorF} °F or above, so that the backup takes over as first stage.`,
            fixBy: toSet(subject, 'compressor-lockout', minOutdoorF, 'The unit’s low-temperature cutoff.'),
          }),
        ]
      : [];
  },
};
