import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const twoLockoutsInSeries: Rule<SetupSubject> = {
  id: 'two-gates-in-series',
  why: 'The thermostat shows AUX while an outdoor thermostat blocks it, and the next tech chases a fault.',
  check: (subject) => {
    const auxF = numberOf(subject, 'aux-lockout');
    const dialsF =
      backupOf(subject.facts) === 'strips'
        ? subject.facts.gates.outdoorThermostats.map(({ closesBelowF }) => closesBelowF)
        : [];
    return auxF !== null && dialsF.length > 0
      ? [
          about('aux-lockout', {
            severity: 'advice',
            what: `A ${auxF} °F lockout in the thermostat and outdoor thermostats at ${dialsF.join(', ')} °F are in the same circuit: the colder one controls.`,
            fix: 'One of the two is enough. If both stay, note it on the homeowner page.',
          }),
        ]
      : [];
  },
};
