import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const stripsHaveAir: Rule<SetupSubject> = {
  id: 'strips-have-air',
  why: 'Below its minimum airflow a kit trips its limits.',
  check: (subject) => {
    const cfm = numberOf(subject, 'airflow-strips');
    const { minCfm } = subject.facts.heatKit;
    return cfm !== null && kitRows(subject.facts).length > 0 && cfm < minCfm
      ? [
          about('airflow-strips', {
            severity: 'error',
            what: `${cfm} CFM with strips; the kit needs at least ${minCfm}.`,
            fix: 'Use a higher speed tap or code for the heat kit.',
            fixBy: toSet(subject, 'airflow-strips', minCfm, ''),
          }),
        ]
      : [];
  },
};
