import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const screenOnBatteries: Rule<SetupSubject> = {
  id: 'screen-on-batteries',
  why: 'A dead thermostat cannot call for heat.',
  check: (subject) =>
    valueOf(subject, 'screen') === 'always' && subject.facts.thermostat.power === 'battery'
      ? [
          about('screen', {
            severity: 'warning',
            what: 'The screen is always lit, on batteries.',
            fix: 'Set it to light when touched, or run a C wire.',
            fixBy: toSet(subject, 'screen', 'touch', ''),
          }),
        ]
      : [],
};
