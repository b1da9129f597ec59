import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, type SetupSubject, valueOf } from './subject';

export const emergencyGoesRound: Rule<SetupSubject> = {
  id: 'emergency-goes-round',
  why: 'Emergency heat must work in any weather: it must bypass outdoor thermostats.',
  check: (subject) => {
    const { system, gates } = subject.facts;
    return backupOf({ system }) === 'strips' &&
      gates.outdoorThermostats.length > 0 &&
      valueOf(subject, 'aux-and-emergency') === 'together'
      ? [
          about('aux-and-emergency', {
            severity: 'error',
            what: 'AUX and E share one terminal, so an outdoor thermostat blocks both.',
            fix: 'Use a thermostat with its own E terminal, or set the configurable terminal to emergency heat.',
          }),
        ]
      : [];
  },
};
