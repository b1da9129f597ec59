import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { roundTo } from '../../units/round';
import { jobCrossing } from '../from-job';

export const shortfall: Rule<Facts> = {
  id: 'shortfall',
  why: 'All that may run together is less than the house loses there.',
  check: (facts) => {
    const { shortfallsF, requiredKW } = jobCrossing(facts);
    return shortfallsF.map(([fromF, toF]) => ({
      severity: 'warning',
      what: `From ${Math.round(fromF)} to ${Math.round(toF)} °F out there is not enough heat.`,
      mend: `At design the heat pump lacks ${roundTo(requiredKW, 1)} kW. Move a lockout, or fit a kit that covers it and that the air handler allows.`,
      page: 'sheet',
      fact: 'heatKit.elements',
    }));
  },
};
