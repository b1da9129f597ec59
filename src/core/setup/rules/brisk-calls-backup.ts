import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const briskCallsBackup: Rule<SetupSubject> = {
  id: 'brisk-calls-backup',
  why: 'A heat pump recovers slowly. A thermostat that chases the setpoint calls for backup.',
  check: (subject) =>
    valueOf(subject, 'response') === 'brisk' && subject.facts.talk.leaning !== 'comfort'
      ? [
          about('response', {
            severity: 'advice',
            what: 'Response is set to Brisk, but this household puts cost before comfort.',
            fix: 'Set Usual or Calm: fewer starts, and backup stays off for small swings.',
            fixBy: toSet(subject, 'response', subject.settings.get('response')!.worked, ''),
          }),
        ]
      : [],
};
