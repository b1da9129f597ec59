import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const briskCallsBackup: Rule<SetupSubject> = {
  id: 'brisk-calls-backup',
  why: 'A heat pump climbs slowly: a thermostat that chases the setpoint takes the backup for help.',
  check: (subject) =>
    valueOf(subject, 'response') === 'brisk' && subject.facts.talk.leaning !== 'comfort'
      ? [
          about('response', {
            severity: 'advice',
            what: 'The response is brisk, in a house that does not want comfort before cost.',
            mend: 'Usual or calm: fewer starts, and the backup stays out of small swings.',
            mendBy: toSet(subject, 'response', subject.settings.get('response')!.worked, ''),
          }),
        ]
      : [],
};
