import type { Rule } from '../../job/finding';
import { apartF } from '../../units/degrees';
import { about, numberOf, type SetupSubject, toSet, valueOf } from './subject';

export const setbackWithoutRecovery: Rule<SetupSubject> = {
  id: 'setback-without-recovery',
  why: 'After a deep setback the room is far below setpoint and backup does the whole recovery.',
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
            fix: `Limit the setback to ${apartF(3)}, or make the droop as wide as the setback, or turn on early start.`,
            fixBy: toSet(subject, 'setback', 3, 'Keeps backup off during morning recovery.'),
          }),
        ]
      : [];
  },
};
