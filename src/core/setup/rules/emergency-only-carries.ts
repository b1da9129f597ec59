import { jobBalance } from '../../balance/from-job';
import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const emergencyOnlyCarries: Rule<SetupSubject> = {
  id: 'emergency-only-carries',
  why: 'With strips on emergency only, the compressor carries the house.',
  check: (subject) => {
    if (valueOf(subject, 'backup-with-heat-pump') !== 'emergency-only') return [];
    const { thermalBalanceF } = jobBalance(subject.facts);
    const { designOutdoorF } = subject.facts.house;
    return thermalBalanceF !== null && thermalBalanceF > designOutdoorF
      ? [
          about('backup-with-heat-pump', {
            severity: 'warning',
            what: `Below ${Math.round(thermalBalanceF)} °F the heat pump cannot carry the house, and strips are set to emergency only.`,
            fix: 'Let the strips assist, or show the homeowner how to switch to emergency heat.',
            fixBy: toSet(
              subject,
              'backup-with-heat-pump',
              'together',
              'The heat pump does not carry the house at design.',
            ),
          }),
        ]
      : [];
  },
};
