import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { roundTo } from '../../units/round';
import { kitFit } from '../belongs';

export const kitAllowed: Rule<Facts> = {
  id: 'kit-allowed',
  why: 'The air handler was tested with the kits on its label and no others.',
  check: (facts) => {
    const { isAllowed, totalKW } = kitFit(facts, 0, facts.house.heatSetpointF, facts.heatKit.serviceVolts);
    if (isAllowed !== false || kitRows(facts).length === 0) return [];
    return [
      {
        severity: 'error',
        what: `A kit of ${roundTo(totalKW, 1)} kW is not among those allowed: ${facts.airHandler.allowedKitsKW.join(', ')} kW.`,
        fix: 'Fit a kit from the label, or read label and elements again.',
        page: 'strips',
        fact: 'airHandler.allowedKitsKW',
      },
    ];
  },
};
