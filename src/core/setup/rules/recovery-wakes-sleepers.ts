import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const recoveryWakesSleepers: Rule<SetupSubject> = {
  id: 'recovery-wakes-sleepers',
  why: 'It starts hours before anybody is up.',
  check: (subject) =>
    valueOf(subject, 'adaptive-recovery') === 'on' && subject.facts.talk.lightSleepers
      ? [
          about('adaptive-recovery', {
            severity: 'advice',
            what: 'Adaptive recovery is on, and somebody wakes at a noise before dawn.',
            mend: 'Turn it off, or ask again.',
            mendBy: toSet(subject, 'adaptive-recovery', 'off', ''),
          }),
        ]
      : [],
};
