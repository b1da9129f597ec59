import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const unitLimitNeedsHandover: Rule<SetupSubject> = {
  id: 'unit-limit-needs-handover',
  why: 'Where the unit stops itself the thermostat still calls it, and the backup waits for the droop.',
  check: (subject) => {
    const { minOutdoorF } = subject.facts.outdoorUnit;
    const { designOutdoorF } = subject.facts.house;
    if (minOutdoorF === null || minOutdoorF <= designOutdoorF || numberOf(subject, 'compressor-lockout') !== null)
      return [];
    return [
      about('compressor-lockout', {
        severity: 'advice',
        what: `Between ${designOutdoorF} and ${minOutdoorF} °F the unit stops itself and the thermostat does not know.`,
        mend: `A lockout at ${minOutdoorF} °F makes the backup first stage there.`,
        ...(subject.settings.get('compressor-lockout')!.absent === null
          ? { mendBy: toSet(subject, 'compressor-lockout', minOutdoorF, 'The unit’s own limit.') }
          : {}),
      }),
    ];
  },
};
