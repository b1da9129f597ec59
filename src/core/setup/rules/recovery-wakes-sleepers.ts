import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const recoveryWakesSleepers: Rule<SetupSubject> = {
  id: 'recovery-wakes-sleepers',
  why: 'It starts hours before anyone is up.',
  check: (subject) =>
    valueOf(subject, 'adaptive-recovery') === 'on' && subject.facts.talk.lightSleepers
      ? [
          about('adaptive-recovery', {
            severity: 'advice',
            what: 'Adaptive recovery is on, and the house has a light sleeper.',
            fix: 'Turn it off, or ask the household again.',
            fixBy: toSet(subject, 'adaptive-recovery', 'off', ''),
          }),
        ]
      : [],
};
