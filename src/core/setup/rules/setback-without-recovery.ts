import type { Rule } from '../../job/finding';
import { apartF } from '../../units/degrees';
import { about, numberOf, type SetupSubject, toSet, valueOf } from './subject';

export const setbackWithoutRecovery: Rule<SetupSubject> = {
  id: 'setback-without-recovery',
  why: 'After a deep setback the room is far below the setpoint: the backup makes the whole climb.',
  check: (subject) => {
    const setbackF = numberOf(subject, 'setback');
    const droopF = numberOf(subject, 'droop');
    return setbackF !== null &&
      setbackF > 3 &&
      droopF !== null &&
      droopF < setbackF &&
      valueOf(subject, 'adaptive-recovery') === 'off'
      ? [
          about('setback', {
            severity: 'warning',
            what: `${apartF(setbackF)} cooler at night and no early start: the backup runs every morning.`,
            mend: `Cool down by ${apartF(3)} at most, or let the droop be as wide as the setback, or let it start early.`,
            mendBy: toSet(subject, 'setback', 3, 'Spares the backup the morning climb.'),
          }),
        ]
      : [];
  },
};
