import { climateById } from '../../balance/year/climates';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const runOnInDamp: Rule<SetupSubject> = {
  id: 'run-on-in-damp',
  why: 'A coil holds a pint or two of water when cooling stops.',
  check: (subject) => {
    const seconds = numberOf(subject, 'fan-after-cool') ?? 0;
    return seconds > 0 && climateById(subject.facts.year.weather).isDamp
      ? [
          about('fan-after-cool', {
            severity: 'advice',
            what: `Blower off-delay is ${seconds} s after cooling, in a humid climate.`,
            fix: 'Set it to stop with the call, so the water drains instead of going back into the house.',
            fixBy: toSet(subject, 'fan-after-cool', 0, ''),
          }),
        ]
      : [];
  },
};
