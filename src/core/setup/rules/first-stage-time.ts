import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const firstStageTime: Rule<SetupSubject> = {
  id: 'first-stage-time',
  why: 'The longer of two times decides; the other looks as if it were broken.',
  check: (subject) => {
    const leastMin = numberOf(subject, 'second-stage-least');
    const upstageMin = numberOf(subject, 'upstage-time');
    return leastMin !== null && upstageMin !== null && leastMin > upstageMin
      ? [
          about('second-stage-least', {
            severity: 'warning',
            what: `The second stage is called after ${upstageMin} min, and the first must run ${leastMin}.`,
            mend: `At most ${upstageMin} min, or let the next stage come later.`,
            mendBy: toSet(subject, 'second-stage-least', upstageMin, 'Not longer than the time to the next stage.'),
          }),
        ]
      : [];
  },
};
