import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const airWithStrips: Rule<SetupSubject> = {
  id: 'air-with-strips',
  why: 'Strips without airflow glow until the limit opens, and finally the fusible link.',
  check: (subject) =>
    backupOf(subject.facts) === 'strips' && valueOf(subject, 'fan-in-heat') === 'equipment'
      ? [
          about('fan-in-heat', {
            severity: subject.facts.heatKit.hasInterlock ? 'advice' : 'error',
            what: 'The thermostat leaves the blower to the indoor unit, and the backup is electric.',
            fix: subject.facts.heatKit.hasInterlock
              ? 'The kit’s interlock starts the blower; G from the thermostat is the backup.'
              : 'Have the thermostat energize G with the strips.',
            fixBy: toSet(subject, 'fan-in-heat', 'thermostat', ''),
          }),
        ]
      : [],
};
