import type { Rule } from '../../job/finding';
import { about, type SetupSubject, valueOf } from './subject';

export const lockLast: Rule<SetupSubject> = {
  id: 'lock-last',
  why: 'A locked thermostat stops the startup test at the first step.',
  check: (subject) =>
    valueOf(subject, 'lock') === 'full'
      ? [
          about('lock', {
            severity: 'advice',
            what: 'The thermostat will be locked.',
            fix: 'Lock it last, after Startup; write the code on the homeowner’s page by hand, not here.',
          }),
        ]
      : [],
};
