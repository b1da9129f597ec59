import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet, valueOf } from './subject';

export const sensorOnlyShown: Rule<SetupSubject> = {
  id: 'sensor-only-shown',
  why: 'A display-only temperature locks out nothing.',
  check: (subject) =>
    valueOf(subject, 'outdoor-sensor-use') === 'display' &&
    (numberOf(subject, 'compressor-lockout') !== null || numberOf(subject, 'aux-lockout') !== null)
      ? [
          about('outdoor-sensor-use', {
            severity: 'error',
            what: 'A lockout depends on the outdoor temperature, but the sensor is set to display only.',
            fix: 'Set it to lockouts and display.',
            fixBy: toSet(subject, 'outdoor-sensor-use', 'both', ''),
          }),
        ]
      : [],
};
