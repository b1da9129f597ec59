import { jobBalance } from '../../balance/from-job';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const changeoverNeverCheaper: Rule<SetupSubject> = {
  id: 'changeover-never-cheaper',
  why: 'At these prices one fuel is cheaper at every temperature.',
  check: (subject) => {
    const lockoutF = numberOf(subject, 'compressor-lockout');
    const { economicBalanceF, thermalBalanceF } = jobBalance(subject.facts);
    return economicBalanceF === 'never' &&
      lockoutF !== null &&
      (thermalBalanceF === null || lockoutF > thermalBalanceF + 5)
      ? [
          about('compressor-lockout', {
            severity: 'advice',
            what: `The furnace takes over below ${lockoutF} °F, but its heat costs more at every temperature.`,
            fix: 'Let thermostat staging decide, or move the changeover to the thermal balance point.',
          }),
        ]
      : [];
  },
};
