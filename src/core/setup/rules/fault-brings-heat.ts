import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const faultBringsHeat: Rule<SetupSubject> = {
  id: 'fault-brings-heat',
  why: 'If nothing takes over, an outdoor unit that locks out at night leaves a cold house.',
  check: (subject) =>
    valueOf(subject, 'emergency-on-fault') === 'off'
      ? [
          about('emergency-on-fault', {
            severity: 'error',
            what: 'Nothing takes over when the heat pump locks out on a fault.',
            fix: 'Enable emergency heat on a fault.',
            fixBy: toSet(subject, 'emergency-on-fault', 'on', ''),
          }),
        ]
      : [],
};
