import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const oneWayOfSpeed: Rule<SetupSubject> = {
  id: 'one-way-of-speed',
  why: 'One runs as slow as it can, the other as fast as it can.',
  check: (subject) =>
    valueOf(subject, 'adaptive-capacity') === 'on' && valueOf(subject, 'accelerated-capacity') === 'on'
      ? [
          about('accelerated-capacity', {
            severity: 'advice',
            what: 'Adaptive and accelerated capacity are both on.',
            fix: 'One undoes what the other learns. Use only one.',
            fixBy: toSet(subject, 'adaptive-capacity', 'off', 'Accelerated capacity is on.'),
          }),
        ]
      : [],
};
