import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const shortRest: Rule<SetupSubject> = {
  id: 'short-rest',
  why: 'Two minutes is enough only if you have watched the pressures equalize; starting against pressure stalls the compressor.',
  check: (subject) => {
    const minutes = numberOf(subject, 'compressor-min-off');
    return minutes !== null && minutes < 5
      ? [
          about('compressor-min-off', {
            severity: 'advice',
            what: `Compressor minimum off time is ${minutes} min; five is usual.`,
            fix: 'First watch suction and discharge equalize on the gauges. Never under 2 min; the manufacturer’s figure wins.',
          }),
        ]
      : [];
  },
};
