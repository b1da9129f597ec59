import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, valueOf } from './subject';

export const weatherNeedsNetwork: Rule<SetupSubject> = {
  id: 'weather-needs-network',
  why: 'A weather service reports the next town over, and quits when the internet does.',
  check: (subject) => {
    const { tenants } = subject.facts.talk;
    const isGated = numberOf(subject, 'compressor-lockout') !== null || numberOf(subject, 'aux-lockout') !== null;
    return valueOf(subject, 'outdoor-source') === 'weather' && isGated
      ? [
          about('outdoor-source', {
            severity: tenants ? 'warning' : 'advice',
            what: `The lockouts depend on a weather service${tenants ? ', in a house with tenants' : ''}.`,
            fix: 'Without internet the lockouts fail, on or off depending on the manufacturer. A wired or wireless sensor keeps working.',
          }),
        ]
      : [];
  },
};
