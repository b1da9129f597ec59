import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const unitLimitNeedsHandover: Rule<SetupSubject> = {
  id: 'unit-limit-needs-handover',
  why: 'Below the unit’s cutoff the thermostat still calls the compressor, and backup waits for the droop.',
  check: (subject) => {
    const { minOutdoorF } = subject.facts.outdoorUnit;
    const { designOutdoorF } = subject.facts.house;
    if (minOutdoorF === null || minOutdoorF <= designOutdoorF || numberOf(subject, 'compressor-lockout') !== null)
      return [];
    return [
      about('compressor-lockout', {
        severity: 'advice',
        what: `Between ${designOutdoorF} and ${minOutdoorF} °F the unit cuts out and the thermostat does not know it.`,
        fix: `A lockout at ${minOutdoorF} °F makes backup the first stage there.`,
        ...(subject.settings.get('compressor-lockout')!.absent === null
          ? { fixBy: toSet(subject, 'compressor-lockout', minOutdoorF, 'The unit’s low-temperature cutoff.') }
          : {}),
      }),
    ];
  },
};
