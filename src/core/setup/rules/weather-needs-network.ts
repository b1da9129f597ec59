import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, valueOf } from './subject';

export const weatherNeedsNetwork: Rule<SetupSubject> = {
  id: 'weather-needs-network',
  why: 'A weather service is a guess for the next town, and ends with the network.',
  check: (subject) => {
    const { tenants } = subject.facts.talk;
    const isGated = numberOf(subject, 'compressor-lockout') !== null || numberOf(subject, 'aux-lockout') !== null;
    return valueOf(subject, 'outdoor-source') === 'weather' && isGated
      ? [
          about('outdoor-source', {
            severity: tenants ? 'warning' : 'advice',
            what: `The lockouts hang on a weather service${tenants ? ', in a house with tenants' : ''}.`,
            mend: 'Without the network they stop working, whichever way the maker chose. A wired or wireless sensor does not.',
          }),
        ]
      : [];
  },
};
