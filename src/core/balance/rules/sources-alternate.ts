import { lockoutsInForce } from '../../control/lockouts';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { jobCrossing } from '../from-job';

/** Closer than this to the balance the room never runs cool for long, °F. Our judgement. */
const NEAR_F = 2;

export const sourcesAlternate: Rule<Facts> = {
  id: 'sources-alternate',
  why: 'Below the thermal balance the heat pump alone falls behind: the room runs cool until the furnace is called, and the two take turns.',
  check: (facts) => {
    if (backupOf(facts) !== 'fossil') return [];
    const { thermalBalanceF, economicBalanceF } = jobCrossing(facts);
    const { compressorBelowF } = lockoutsInForce(facts);
    if (thermalBalanceF === null || compressorBelowF === null || compressorBelowF > thermalBalanceF - NEAR_F) return [];
    const offeredF = Math.min(60, Math.ceil(thermalBalanceF));
    const isEconomic = typeof economicBalanceF === 'number' && Math.abs(economicBalanceF - compressorBelowF) <= NEAR_F;
    return [
      {
        severity: 'advice',
        what: `The changeover stands at ${compressorBelowF} °F${isEconomic ? ', the economic balance' : ''}; from there up to ${Math.round(thermalBalanceF)} °F the heat pump is short, the room runs cool, and compressor and furnace take turns.`,
        mend: `A changeover at ${offeredF} °F, the higher of the two balances, holds the room; it costs a little more heat from the dearer source. Crossing shows both in a year.`,
        page: 'balance',
        fact: 'gates.compressorBelowF',
        mendBy: [{ path: 'gates.compressorBelowF', value: offeredF }],
      },
    ];
  },
};
