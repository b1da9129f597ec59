import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, words } from './subject';

export const valveAsPlate: Rule<SetupSubject> = {
  id: 'valve-as-plate',
  why: 'Set backward, the system cools when it should heat.',
  check: (subject) => {
    const valve = subject.settings.get('reversing-valve')!;
    if (valve.absent !== null || valve.value === valve.worked) return [];
    return [
      about('reversing-valve', {
        severity: 'error',
        what: `The reversing valve is set to ${words(subject, 'reversing-valve')}, but the outdoor unit’s data plate says otherwise.`,
        fix: 'Go by the data plate. Put the setting back, or correct the data-plate entry on the Survey.',
        fixBy: toSet(subject, 'reversing-valve', valve.worked, ''),
      }),
    ];
  },
};
