import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const twoWaitsAdd: Rule<SetupSubject> = {
  id: 'two-waits-add',
  why: 'A board that counts minutes begins when the thermostat has waited already. Some hold emergency heat as well.',
  check: (subject) => {
    const boardMin = numberOf(subject, 'board-backup-delay') ?? 0;
    return boardMin > 0
      ? [
          about('board-backup-delay', {
            severity: 'warning',
            what: `The board waits ${boardMin} min more after the thermostat has called backup.`,
            mend: 'Let one of them count. If the board must, see that emergency heat comes at once.',
            mendBy: toSet(subject, 'board-backup-delay', 0, ''),
          }),
        ]
      : [];
  },
};
