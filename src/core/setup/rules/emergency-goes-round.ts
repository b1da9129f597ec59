import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, type SetupSubject, valueOf } from './subject';

export const emergencyGoesRound: Rule<SetupSubject> = {
  id: 'emergency-goes-round',
  why: 'Emergency heat must work in any weather: it never passes an outdoor thermostat.',
  check: (subject) => {
    const { system, gates } = subject.facts;
    return backupOf({ system }) === 'strips' &&
      gates.outdoorThermostats.length > 0 &&
      valueOf(subject, 'aux-and-emergency') === 'together'
      ? [
          about('aux-and-emergency', {
            severity: 'error',
            what: 'AUX and E leave together, and an outdoor thermostat stands in the way of both.',
            mend: 'Use a thermostat with an emergency output of its own, or assign the free terminal to it.',
          }),
        ]
      : [];
  },
};
