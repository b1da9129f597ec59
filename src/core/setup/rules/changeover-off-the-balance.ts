import { changeoverChoices, extrapolatedWords, isChangeoverBelowBalance } from '../../balance/changeover-choices';
import { jobBalance } from '../../balance/from-job';
import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const changeoverOffTheBalance: Rule<SetupSubject> = {
  id: 'changeover-off-the-balance',
  why: 'Between the changeover and the economic balance point, the more expensive fuel heats the house.',
  check: (subject) => {
    const lockoutF = numberOf(subject, 'compressor-lockout');
    const { economicBalanceF, thermalBalanceF } = jobBalance(subject.facts);
    if (lockoutF === null || typeof economicBalanceF !== 'number' || Math.abs(lockoutF - economicBalanceF) <= 5)
      return [];
    const { changeover, changeoverF } = subject.facts.schools;
    // A choice just made is not questioned: its cost is on Balance.
    if (changeover === 'fixed' && lockoutF === changeoverF) return [];
    const dearer =
      lockoutF > economicBalanceF
        ? 'furnace runs where the heat pump is cheaper'
        : 'heat pump runs where the furnace is cheaper';
    const isForHeat = thermalBalanceF !== null && Math.abs(lockoutF - thermalBalanceF) <= 5;
    if (isForHeat && changeover === 'thermal') return [];
    // Below the thermal balance point another finding offers both points as choices.
    if (isChangeoverBelowBalance(subject.facts)) return [];
    return [
      about('compressor-lockout', {
        severity: 'advice',
        what: `The changeover is set at ${lockoutF} °F; the economic balance point is ${Math.round(economicBalanceF)} °F. In between, the ${dearer}.`,
        fix: isForHeat
          ? 'It is set at the thermal balance point: one way of doing it.'
          : `Choose another, or leave it and accept the cost: see Balance › Year and ways.${extrapolatedWords(subject.facts)}`,
        ...(isForHeat ? {} : { choices: changeoverChoices(subject.facts) }),
      }),
    ];
  },
};
