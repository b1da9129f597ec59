import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { changeoverChoices, extrapolatedWords, isChangeoverBelowBalance, NEAR_BALANCE_F } from '../changeover-choices';
import { jobBalance } from '../from-job';

export const sourcesAlternate: Rule<Facts> = {
  id: 'sources-alternate',
  why: 'Below the thermal balance point the heat pump alone cannot keep up: the room drops until the furnace is called, and the two trade off.',
  check: (facts) => {
    if (!isChangeoverBelowBalance(facts)) return [];
    const { thermalBalanceF, economicBalanceF } = jobBalance(facts);
    const { compressorBelowF } = lockoutsInForce(facts);
    const isEconomic =
      typeof economicBalanceF === 'number' && Math.abs(economicBalanceF - compressorBelowF!) <= NEAR_BALANCE_F;
    return [
      {
        severity: 'advice',
        what: `The changeover is set at ${compressorBelowF} °F${isEconomic ? ', the economic balance point' : ''}. From there up to ${Math.round(thermalBalanceF!)} °F the heat pump falls short, the room runs cool, and compressor and furnace trade off.`,
        fix: `Choose a changeover; Balance › Year and ways has the cost of a whole year.${extrapolatedWords(facts)}`,
        page: 'balance',
        fact: 'gates.compressorBelowF',
        choices: changeoverChoices(facts),
      },
    ];
  },
};
