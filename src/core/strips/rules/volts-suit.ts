import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { roundTo } from '../../units/round';
import { jobKit } from '../from-job';

export const voltsSuit: Rule<Facts> = {
  id: 'volts-suit',
  why: 'Heat falls with the square of the volts: a 240 V kit on 208 V gives three quarters.',
  check: (facts) => {
    const { ratedVolts, serviceVolts } = facts.heatKit;
    if (kitRows(facts).length === 0 || Math.abs(ratedVolts - serviceVolts) < 20) return [];
    const share = Math.round((serviceVolts / ratedVolts) ** 2 * 100);
    if (serviceVolts > ratedVolts) {
      return [
        {
          severity: 'error',
          what: `The kit is rated ${ratedVolts} V on a ${serviceVolts} V service: it would make ${share} % of rated heat and overheat.`,
          fix: 'Fit a kit for the service, or correct plate and service.',
          page: 'survey',
          fact: 'heatKit.ratedVolts',
        },
      ];
    }
    const rated = jobKit(facts, ratedVolts).deliveredKW;
    return [
      {
        severity: 'advice',
        what: `The kit is rated at ${ratedVolts} V and the service is ${serviceVolts} V: it gives ${roundTo(jobKit(facts, serviceVolts).deliveredKW, 1)} of ${roundTo(rated, 1)} kW.`,
        fix: 'Plan on the lower figure. Expected readings here already use it once you measure the voltage.',
        page: 'survey',
        fact: 'heatKit.serviceVolts',
      },
    ];
  },
};
