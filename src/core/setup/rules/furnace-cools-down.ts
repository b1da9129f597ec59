import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const furnaceCoolsDown: Rule<SetupSubject> = {
  id: 'furnace-cools-down',
  why: 'A furnace that is called again while hot starts on its limit.',
  check: (subject) => {
    const cycles = numberOf(subject, 'backup-cycles');
    return backupOf(subject.facts) === 'fossil' && cycles !== null && cycles > 5
      ? [
          about('backup-cycles', {
            severity: 'warning',
            what: `${cycles} starts of the furnace an hour.`,
            mend: 'Three as second stage in dual fuel; five at most.',
            mendBy: toSet(subject, 'backup-cycles', 3, ''),
          }),
        ]
      : [];
  },
};
