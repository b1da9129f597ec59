import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { kitFit } from '../belongs';

export const supplyNotTooHot: Rule<Facts> = {
  id: 'supply-not-too-hot',
  why: 'Above the label’s maximum the limits cycle and the cabinet overheats. Thin air gets hotter.',
  check: (facts) => {
    const { maxSupplyF } = facts.airHandler;
    const hottest = kitFit(facts, 0, facts.house.heatSetpointF, facts.heatKit.serviceVolts).stages.at(-1);
    if (maxSupplyF === null || !hottest || hottest.aloneF <= maxSupplyF) return [];
    return [
      {
        severity: 'error',
        what: `With all strips on, the supply air reaches ${Math.round(hottest.aloneF)} °F; the label allows ${maxSupplyF} °F.`,
        fix: 'More airflow with strips, or a smaller kit.',
        page: 'strips',
        fact: 'airHandler.auxCfm',
      },
    ];
  },
};
