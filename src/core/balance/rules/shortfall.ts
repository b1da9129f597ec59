import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { roundTo } from '../../units/round';
import { backupNeeds } from '../backup-need';
import { jobBalance } from '../from-job';

export const shortfall: Rule<Facts> = {
  id: 'shortfall',
  why: 'Everything allowed to run there gives less than the house loses.',
  check: (facts) => {
    const { shortfallsF } = jobBalance(facts);
    if (shortfallsF.length === 0) return [];
    const { kW } = backupNeeds(facts).find(({ id }) => id === 'design')!;
    return shortfallsF.map(([fromF, toF], at) => ({
      severity: 'warning',
      what: `From ${Math.round(fromF)} to ${Math.round(toF)} °F out there is not enough heat.`,
      fix: `At design the backup must give ${roundTo(kW, 1)} kW. Move a lockout, or install a heat kit of that size that the air handler is listed for.`,
      page: 'survey',
      fact: 'heatKit.elements',
      aspect: `span ${at + 1}`,
    }));
  },
};
