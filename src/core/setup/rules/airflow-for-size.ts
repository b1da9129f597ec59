import type { Rule } from '../../job/finding';
import { ratedTons } from '../../job/rated-tons';
import { about, numberOf, type SetupSubject } from './subject';

export const airflowForSize: Rule<SetupSubject> = {
  id: 'airflow-for-size',
  why: 'Low airflow starves the coil and raises head pressure; too much feels cool.',
  check: (subject) => {
    const cfm = numberOf(subject, 'airflow-heating');
    if (cfm === null) return [];
    const perTon = Math.round(cfm / ratedTons(subject.facts));
    return perTon >= 325 && perTon <= 475
      ? []
      : [
          about('airflow-heating', {
            severity: 'warning',
            what: `${cfm} CFM is ${perTon} per ton.`,
            fix: '350 to 450 per ton is usual for heating; go by the outdoor unit’s performance data. Check the rating points too.',
          }),
        ];
  },
};
