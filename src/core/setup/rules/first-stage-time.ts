import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const firstStageTime: Rule<SetupSubject> = {
  id: 'first-stage-time',
  why: 'The longer time wins; the other looks broken.',
  check: (subject) => {
    const leastMin = numberOf(subject, 'second-stage-least');
    const upstageMin = numberOf(subject, 'upstage-time');
    return leastMin !== null && upstageMin !== null && leastMin > upstageMin
      ? [
          about('second-stage-least', {
            severity: 'warning',
            what: `The second stage is called after ${upstageMin} min, and the first must run ${leastMin}.`,
            fix: `Set ${upstageMin} min or less, or lengthen the upstage time.`,
            fixBy: toSet(subject, 'second-stage-least', upstageMin, 'No longer than the upstage time.'),
          }),
        ]
      : [];
  },
};
