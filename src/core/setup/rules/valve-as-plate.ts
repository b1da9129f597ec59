import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, words } from './subject';

export const valveAsPlate: Rule<SetupSubject> = {
  id: 'valve-as-plate',
  why: 'Set the wrong way round, the system cools when it should heat.',
  check: (subject) => {
    const valve = subject.settings.get('reversing-valve')!;
    if (valve.absent !== null || valve.value === valve.worked) return [];
    return [
      about('reversing-valve', {
        severity: 'error',
        what: `The valve is to be set to ${words(subject, 'reversing-valve')}, and the outdoor unit’s plate says otherwise.`,
        mend: 'The plate decides. Put the setting back, or correct the plate’s entry on the Sheet.',
        mendBy: toSet(subject, 'reversing-valve', valve.worked, ''),
      }),
    ];
  },
};
