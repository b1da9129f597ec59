import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const fossilNeverTogether: Rule<SetupSubject> = {
  id: 'fossil-never-together',
  why: 'A furnace upstream of an active coil drives head pressure up until the compressor trips or fails.',
  check: (subject) =>
    backupOf(subject.facts) === 'fossil' && valueOf(subject, 'backup-with-heat-pump') === 'together'
      ? [
          about('backup-with-heat-pump', {
            severity: 'error',
            what: 'Furnace and compressor are set to run together.',
            fix: 'Set it so they never run together.',
            fixBy: toSet(subject, 'backup-with-heat-pump', 'apart', ''),
          }),
        ]
      : [],
};
