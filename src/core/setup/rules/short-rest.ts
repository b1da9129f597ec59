import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const shortRest: Rule<SetupSubject> = {
  id: 'short-rest',
  why: 'Two minutes are enough only where pressures were seen to equalize; a start against pressure stalls the compressor.',
  check: (subject) => {
    const minutes = numberOf(subject, 'compressor-min-off');
    return minutes !== null && minutes < 5
      ? [
          about('compressor-min-off', {
            severity: 'advice',
            what: `The compressor rests ${minutes} min; five are usual.`,
            mend: 'Watch suction and discharge meet on the gauges first. Never under 2 min; the maker’s figure wins.',
          }),
        ]
      : [];
  },
};
