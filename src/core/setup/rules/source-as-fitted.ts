import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, words } from './subject';

export const sourceAsFitted: Rule<SetupSubject> = {
  id: 'source-as-fitted',
  why: 'The source decides whether the compressor stops, who starts the blower and how often the backup may start.',
  check: (subject) => {
    const { settings } = subject;
    const source = settings.get('backup-source')!;
    if (source.absent !== null || source.value === source.worked) return [];
    return [
      about('backup-source', {
        severity: 'error',
        what: `Backup source is set to ${words(subject, 'backup-source').toLowerCase()}, but something else is installed.`,
        fix: source.because.join(' '),
        fixBy: toSet(subject, 'backup-source', source.worked, ''),
      }),
    ];
  },
};
