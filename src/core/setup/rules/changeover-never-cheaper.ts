import { jobCrossing } from '../../balance/from-job';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const changeoverNeverCheaper: Rule<SetupSubject> = {
  id: 'changeover-never-cheaper',
  why: 'At these prices one of the two is the cheaper heat in every weather.',
  check: (subject) => {
    const lockoutF = numberOf(subject, 'compressor-lockout');
    const { economicBalanceF, thermalBalanceF } = jobCrossing(subject.facts);
    return economicBalanceF === 'never' &&
      lockoutF !== null &&
      (thermalBalanceF === null || lockoutF > thermalBalanceF + 5)
      ? [
          about('compressor-lockout', {
            severity: 'advice',
            what: `The furnace takes over below ${lockoutF} °F, and its heat is the dearer one in every weather.`,
            mend: 'Let staging decide, or move the changeover to where the heat pump runs short.',
          }),
        ]
      : [];
  },
};
