import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const restartAfterOutage: Rule<SetupSubject> = {
  id: 'restart-after-outage',
  why: 'Pipes freeze in a house that stays off after an outage.',
  check: (subject) =>
    valueOf(subject, 'outage-restart') === 'off'
      ? [
          about('outage-restart', {
            severity: subject.facts.talk.emptyInWinter || subject.facts.talk.tenants ? 'error' : 'warning',
            what: `After an outage the heat stays off${subject.facts.talk.emptyInWinter ? ', in a house that is empty at times' : ''}.`,
            fix: 'Set it to resume as before.',
            fixBy: toSet(subject, 'outage-restart', 'resume', ''),
          }),
        ]
      : [],
};
