import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { roundTo } from '../../units/round';
import { crossingInput } from '../from-job';
import { copAt } from '../heat-pump';

export const costlyLockout: Rule<Facts> = {
  id: 'costly-lockout',
  why: 'Strips give one unit of heat for one of power. Above COP 1 the heat pump is always the cheaper of the two.',
  check: (facts) => {
    const { compressorBelowF } = lockoutsInForce(facts);
    const { compressorLockout, fixedCompressorBelowF } = facts.schools;
    if (compressorBelowF === null || kitRows(facts).length === 0) return [];
    // Whoever chose the lockout as the way of doing it has been told what it costs where he chose.
    if (compressorLockout === 'fixed' && compressorBelowF === fixedCompressorBelowF) return [];
    const cop = copAt(crossingInput(facts).heatPump, compressorBelowF);
    if (cop <= 1) return [];
    return [
      {
        severity: 'advice',
        what: `The compressor is locked out below ${compressorBelowF} °F, where it still gives ${roundTo(cop, 1)} times what strips give for the same power.`,
        mend: 'Some lock out at 30 to 35 °F all the same. Others never lock out above the unit’s own limit: cheaper here.',
        page: 'survey',
        fact: 'gates.compressorBelowF',
      },
    ];
  },
};
