import { jobCrossing } from '../../balance/from-job';
import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const emergencyOnlyCarries: Rule<SetupSubject> = {
  id: 'emergency-only-carries',
  why: 'Strips that only come in emergency leave the house to the compressor.',
  check: (subject) => {
    if (valueOf(subject, 'backup-with-heat-pump') !== 'emergency-only') return [];
    const { thermalBalanceF } = jobCrossing(subject.facts);
    const { designOutdoorF } = subject.facts.house;
    return thermalBalanceF !== null && thermalBalanceF > designOutdoorF
      ? [
          about('backup-with-heat-pump', {
            severity: 'warning',
            what: `Below ${Math.round(thermalBalanceF)} °F the heat pump alone does not carry the house, and the strips come in emergency only.`,
            mend: 'Let the strips help, or tell the people in the house how to switch to emergency heat.',
            mendBy: toSet(
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
