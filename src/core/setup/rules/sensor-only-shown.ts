import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet, valueOf } from './subject';

export const sensorOnlyShown: Rule<SetupSubject> = {
  id: 'sensor-only-shown',
  why: 'A temperature that is only shown holds nothing.',
  check: (subject) =>
    valueOf(subject, 'outdoor-sensor-use') === 'display' &&
    (numberOf(subject, 'compressor-lockout') !== null || numberOf(subject, 'aux-lockout') !== null)
      ? [
          about('outdoor-sensor-use', {
            severity: 'error',
            what: 'A lockout stands on the outdoor temperature, and that is used for the display alone.',
            mend: 'Use it for lockouts and display.',
            mendBy: toSet(subject, 'outdoor-sensor-use', 'both', ''),
          }),
        ]
      : [],
};
