import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { about, numberOf, type SetupSubject, toSet } from './subject';

/** The least that strips and a furnace's exchanger are given to cool, s. Our judgement; the maker's figure wins. */
const LEAST_S = { strips: 30, fossil: 60 } as const;

export const blowerRunsOn: Rule<SetupSubject> = {
  id: 'blower-runs-on',
  why: 'Heat that is left without air opens the limit: it looks like a fault on every call.',
  check: (subject) => {
    const seconds = numberOf(subject, 'fan-after-heat');
    const backup = backupOf(subject.facts);
    if (seconds === null || (backup === 'strips' && kitRows(subject.facts).length === 0)) return [];
    const leastS = LEAST_S[backup];
    return seconds < leastS
      ? [
          about('fan-after-heat', {
            severity: 'warning',
            what: `The blower stops ${seconds} s after heat.`,
            mend: `${backup === 'fossil' ? 'The exchanger' : 'The strips'} must cool: at least ${leastS} s, or what the maker says.`,
            mendBy: toSet(subject, 'fan-after-heat', leastS, 'Time to cool.'),
          }),
        ]
      : [];
  },
};
