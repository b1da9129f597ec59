import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const cyclesFitTheHour: Rule<SetupSubject> = {
  id: 'cycles-fit-the-hour',
  why: 'A cycle is at least the minimum on time and the minimum off time.',
  check: (subject) => {
    const cycles = numberOf(subject, 'compressor-cycles') ?? 0;
    const minutes = (numberOf(subject, 'compressor-min-off') ?? 0) + (numberOf(subject, 'compressor-min-on') ?? 0);
    return cycles * minutes > 60
      ? [
          about('compressor-cycles', {
            severity: 'warning',
            what: `${cycles} cycles per hour of at least ${minutes} min each do not fit in an hour.`,
            fix: `At most ${Math.floor(60 / minutes)} an hour.`,
            fixBy: toSet(
              subject,
              'compressor-cycles',
              Math.max(1, Math.floor(60 / minutes)),
              'To fit the minimum on and off times.',
            ),
          }),
        ]
      : [];
  },
};
