import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const loadPlausible: Rule<Facts> = {
  id: 'load-plausible',
  why: 'The load line runs from the design temperature up to where no heat is needed; the setpoint lies above both.',
  check: ({ house }) =>
    house.noLoadF < house.heatSetpointF
      ? []
      : [
          {
            severity: 'warning',
            what: `No heat is needed above ${house.noLoadF} °F, which is not under the setpoint of ${house.heatSetpointF} °F.`,
            mend: 'Most houses need none a few degrees under the setpoint. Check both figures.',
            page: 'survey',
            fact: 'house.noLoadF',
          },
        ],
};
