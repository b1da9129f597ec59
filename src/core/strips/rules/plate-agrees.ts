import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { roundTo } from '../../units/round';
import { jobElements } from '../from-job';

/** Nameplates round kW. */
const PLATE_SHARE = 0.04;

export const plateAgrees: Rule<Facts> = {
  id: 'plate-agrees',
  why: 'Every expected reading depends on the elements. If the plate disagrees, one of them is wrong.',
  check: (facts) => {
    const { plateKW } = facts.heatKit;
    const totalKW = jobElements(facts).reduce((sum, { kW }) => sum + kW, 0);
    if (plateKW === null || totalKW === 0 || Math.abs(totalKW - plateKW) <= PLATE_SHARE * plateKW) return [];
    return [
      {
        severity: 'warning',
        what: `The plate says ${plateKW} kW; the elements add up to ${roundTo(totalKW, 1)} kW.`,
        fix: 'Ohm the elements cold and go by that. Both figures stay in the record.',
        page: 'strips',
        fact: 'heatKit.plateKW',
      },
    ];
  },
};
