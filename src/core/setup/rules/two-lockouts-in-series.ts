import { backupOf } from '../../job/backup';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const twoGatesInSeries: Rule<SetupSubject> = {
  id: 'two-gates-in-series',
  why: 'The wall shows auxiliary heat while a switch outdoors holds it: the next hand looks for a fault.',
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
            what: `A lockout at ${auxF} °F in the thermostat and outdoor thermostats at ${dialsF.join(', ')} °F stand in one circuit: the colder rules.`,
            mend: 'One of the two is enough. Where both stay, say so on the homeowner’s page.',
          }),
        ]
      : [];
  },
};
