import { jobCrossing } from '../../balance/from-job';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const changeoverOffTheBalance: Rule<SetupSubject> = {
  id: 'changeover-off-the-balance',
  why: 'Between the changeover and the economic balance the dearer of the two heats the house.',
  check: (subject) => {
    const lockoutF = numberOf(subject, 'compressor-lockout');
    const { economicBalanceF, thermalBalanceF } = jobCrossing(subject.facts);
    if (lockoutF === null || typeof economicBalanceF !== 'number' || Math.abs(lockoutF - economicBalanceF) <= 5)
      return [];
    const { changeover, changeoverF } = subject.facts.schools;
    // A choice just made is not advised against: what it costs stands on Crossing.
    if (changeover === 'fixed' && lockoutF === changeoverF) return [];
    const dearer =
      lockoutF > economicBalanceF
        ? 'furnace runs where the heat pump is cheaper'
        : 'heat pump runs where the furnace is cheaper';
    const isForHeat = thermalBalanceF !== null && Math.abs(lockoutF - thermalBalanceF) <= 5;
    if (isForHeat && changeover === 'thermal') return [];
    return [
      about('compressor-lockout', {
        severity: 'advice',
        what: `The changeover stands at ${lockoutF} °F; heat costs the same at ${Math.round(economicBalanceF)} °F. In between the ${dearer}.`,
        mend: isForHeat
          ? 'It is set at the thermal balance: one way of doing it.'
          : 'Move it, or keep it and know what it costs: Crossing shows the year.',
        ...(isForHeat
          ? {}
          : { mendBy: toSet(subject, 'compressor-lockout', Math.round(economicBalanceF), 'The economic balance.') }),
      }),
    ];
  },
};
