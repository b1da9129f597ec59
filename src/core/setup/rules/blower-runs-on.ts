import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { about, numberOf, type SetupSubject, toSet } from './subject';

/** Minimum cool-down of strips and heat exchanger, s. Our judgment; the manufacturer's figure wins. */
const LEAST_S = { strips: 30, fossil: 60 } as const;

export const blowerRunsOn: Rule<SetupSubject> = {
  id: 'blower-runs-on',
  why: 'Leftover heat with no airflow opens the limit, which looks like a fault on every call.',
  check: (subject) => {
    const seconds = numberOf(subject, 'fan-after-heat');
    const backup = backupOf(subject.facts);
    if (seconds === null || (backup === 'strips' && kitRows(subject.facts).length === 0)) return [];
    const leastS = LEAST_S[backup];
    return seconds < leastS
      ? [
          about('fan-after-heat', {
            severity: 'warning',
            what: `Blower off-delay after heat is ${seconds} s.`,
            fix: `${backup === 'fossil' ? 'The heat exchanger' : 'The strips'} must cool: set at least ${leastS} s, or the manufacturer’s figure.`,
            fixBy: toSet(subject, 'fan-after-heat', leastS, 'Time to cool.'),
          }),
        ]
      : [];
  },
};
