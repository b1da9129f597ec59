import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const airWithStrips: Rule<SetupSubject> = {
  id: 'air-with-strips',
  why: 'Strips without air glow until a limit opens, and in the end a link.',
  check: (subject) =>
    backupOf(subject.facts) === 'strips' && valueOf(subject, 'fan-in-heat') === 'equipment'
      ? [
          about('fan-in-heat', {
            severity: subject.facts.heatKit.hasInterlock ? 'advice' : 'error',
            what: 'The thermostat leaves the blower to the indoor unit, and the backup is electric.',
            mend: subject.facts.heatKit.hasInterlock
              ? 'The kit’s interlock starts it; G from the thermostat is the second hand.'
              : 'Let G come with the strips.',
            mendBy: toSet(subject, 'fan-in-heat', 'thermostat', ''),
          }),
        ]
      : [],
};
