import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';

export const enoughAir: Rule<Facts> = {
  id: 'enough-air',
  why: 'Below minimum airflow strips cycle on their limits, and fusible links open permanently.',
  check: (facts) => {
    const { airHandler, heatKit } = facts;
    return kitRows(facts).length === 0 || airHandler.auxCfm >= heatKit.minCfm
      ? []
      : [
          {
            severity: 'error',
            what: `The blower is set to ${airHandler.auxCfm} CFM with strips; the kit needs at least ${heatKit.minCfm} CFM.`,
            fix: 'Set the blower for strips higher, or fit a smaller kit that the air handler allows.',
            page: 'survey',
            fact: 'airHandler.auxCfm',
          },
        ];
  },
};
