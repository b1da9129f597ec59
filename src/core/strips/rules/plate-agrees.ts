import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { roundTo } from '../../units/round';
import { jobElements } from '../from-job';

/** Plates round their kW. */
const PLATE_SHARE = 0.04;

export const plateAgrees: Rule<Facts> = {
  id: 'plate-agrees',
  why: 'Every expected reading hangs on the elements; a plate that says otherwise means that one of the two is wrong.',
  check: (facts) => {
    const { plateKW } = facts.heatKit;
    const totalKW = jobElements(facts).reduce((sum, { kW }) => sum + kW, 0);
    if (plateKW === null || totalKW === 0 || Math.abs(totalKW - plateKW) <= PLATE_SHARE * plateKW) return [];
    return [
      {
        severity: 'warning',
        what: `The plate says ${plateKW} kW, the elements make ${roundTo(totalKW, 1)} kW.`,
        mend: 'Measure the elements cold: their ohms decide. Both figures stay in the record.',
        page: 'strips',
        fact: 'heatKit.plateKW',
      },
    ];
  },
};
