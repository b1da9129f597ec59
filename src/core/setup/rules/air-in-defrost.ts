import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const airInDefrost: Rule<SetupSubject> = {
  id: 'air-in-defrost',
  why: 'Strips without airflow glow until the limit opens, and finally the fusible link.',
  check: (subject) =>
    valueOf(subject, 'blower-in-defrost') === 'stops' && valueOf(subject, 'strips-in-defrost') === 'on'
      ? [
          about('blower-in-defrost', {
            severity: 'error',
            what: 'Strips come on in defrost while the blower is set to stop.',
            fix: 'With the blower off no one feels the air: leave the strips off, or run the blower.',
            fixBy: toSet(subject, 'blower-in-defrost', 'runs', ''),
          }),
        ]
      : [],
};
