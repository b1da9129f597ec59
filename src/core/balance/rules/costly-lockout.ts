import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { roundTo } from '../../units/round';
import { balanceInput } from '../from-job';
import { copAt } from '../heat-pump';

export const costlyLockout: Rule<Facts> = {
  id: 'costly-lockout',
  why: 'Strips give one unit of heat per unit of electricity. Above COP 1 the heat pump is always cheaper.',
  check: (facts) => {
    const { compressorBelowF } = lockoutsInForce(facts);
    const { compressorLockout, fixedCompressorBelowF } = facts.schools;
    if (compressorBelowF === null || kitRows(facts).length === 0) return [];
    // Whoever chose this lockout as a method was shown its cost there.
    if (compressorLockout === 'fixed' && compressorBelowF === fixedCompressorBelowF) return [];
    const cop = copAt(balanceInput(facts).heatPump, compressorBelowF);
    if (cop <= 1) return [];
    return [
      {
        severity: 'advice',
        what: `The compressor is locked out below ${compressorBelowF} °F, where it still makes ${roundTo(cop, 1)} times the heat of strips for the same electricity.`,
        fix: 'Some techs still lock out at 30 to 35 °F. Others never lock out above the unit’s low-temperature cutoff; here that is cheaper.',
        page: 'survey',
        fact: 'gates.compressorBelowF',
      },
    ];
  },
};
