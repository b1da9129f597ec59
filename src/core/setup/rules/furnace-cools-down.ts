import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const furnaceCoolsDown: Rule<SetupSubject> = {
  id: 'furnace-cools-down',
  why: 'A furnace called again while hot starts with its limit open.',
  check: (subject) => {
    const cycles = numberOf(subject, 'backup-cycles');
    return backupOf(subject.facts) === 'fossil' && cycles !== null && cycles > 5
      ? [
          about('backup-cycles', {
            severity: 'warning',
            what: `Furnace set to ${cycles} cycles per hour.`,
            fix: 'Use three as second stage in dual fuel; five maximum.',
            fixBy: toSet(subject, 'backup-cycles', 3, ''),
          }),
        ]
      : [];
  },
};
