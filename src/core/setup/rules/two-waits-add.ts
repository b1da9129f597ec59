import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const twoWaitsAdd: Rule<SetupSubject> = {
  id: 'two-waits-add',
  why: 'A board delay starts after the thermostat has already waited. Some delay emergency heat too.',
  check: (subject) => {
    const boardMin = numberOf(subject, 'board-backup-delay') ?? 0;
    return boardMin > 0
      ? [
          about('board-backup-delay', {
            severity: 'warning',
            what: `The board adds ${boardMin} min after the thermostat calls backup.`,
            fix: 'Use only one delay. If it must be the board’s, make sure emergency heat comes on at once.',
            fixBy: toSet(subject, 'board-backup-delay', 0, ''),
          }),
        ]
      : [];
  },
};
