import type { Rule } from '../../job/finding';
import { apartF } from '../../units/degrees';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const deadbandWideEnough: Rule<SetupSubject> = {
  id: 'deadband-wide-enough',
  why: 'Set closer together, heating and cooling fight each other on overshoot or sun.',
  check: (subject) => {
    const deadbandF = numberOf(subject, 'deadband');
    return deadbandF === null || deadbandF >= 2
      ? []
      : [
          about('deadband', {
            severity: 'error',
            what: `Heating and cooling are ${apartF(deadbandF)} apart.`,
            fix: `At least ${apartF(2)}; ${apartF(3)} is calmer.`,
            fixBy: toSet(subject, 'deadband', 3, ''),
          }),
        ];
  },
};
