import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, words } from './subject';

export const systemAsFitted: Rule<SetupSubject> = {
  id: 'system-as-fitted',
  why: 'A thermostat set for the wrong system drives the wrong terminals: a heat pump set as conventional never reverses, and a furnace may run under a running coil.',
  check: (subject) => {
    const system = subject.settings.get('system-type')!;
    if (system.absent !== null || system.value === system.worked) return [];
    return [
      about('system-type', {
        severity: 'error',
        what: `System type is set to ${words(subject, 'system-type').toLowerCase()}, and something else is fitted.`,
        fix: system.because.join(' '),
        fixBy: toSet(subject, 'system-type', system.worked, ''),
      }),
    ];
  },
};
