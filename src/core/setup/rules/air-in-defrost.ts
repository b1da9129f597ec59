import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const airInDefrost: Rule<SetupSubject> = {
  id: 'air-in-defrost',
  why: 'Strips without air glow until a limit opens, and in the end a link.',
  check: (subject) =>
    valueOf(subject, 'blower-in-defrost') === 'stops' && valueOf(subject, 'strips-in-defrost') === 'on'
      ? [
          about('blower-in-defrost', {
            severity: 'error',
            what: 'Strips come on in defrost, and the blower stops then.',
            mend: 'With the blower still nothing is felt: leave the strips off, or let it run.',
            mendBy: toSet(subject, 'blower-in-defrost', 'runs', ''),
          }),
        ]
      : [],
};
