import type { Rule } from '../../job/finding';
import { ratedTons } from '../../job/rated-tons';
import { about, numberOf, type SetupSubject } from './subject';

export const airflowForSize: Rule<SetupSubject> = {
  id: 'airflow-for-size',
  why: 'Too little air starves the coil and raises pressures; too much blows cool.',
  check: (subject) => {
    const cfm = numberOf(subject, 'airflow-heating');
    if (cfm === null) return [];
    const perTon = Math.round(cfm / ratedTons(subject.facts));
    return perTon >= 325 && perTon <= 475
      ? []
      : [
          about('airflow-heating', {
            severity: 'warning',
            what: `${cfm} CFM is ${perTon} for each ton.`,
            mend: '350 to 450 is usual for heating; the outdoor unit’s sheet decides. Check the rating points too.',
          }),
        ];
  },
};
