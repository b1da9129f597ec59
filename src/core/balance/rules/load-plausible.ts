import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const loadPlausible: Rule<Facts> = {
  id: 'load-plausible',
  why: 'The load line runs from design temperature to the no-heat temperature; the setpoint must be above both.',
  check: ({ house }) =>
    house.noLoadF < house.heatSetpointF
      ? []
      : [
          {
            severity: 'warning',
            what: `The no-heat temperature, ${house.noLoadF} °F, is not below the setpoint, ${house.heatSetpointF} °F.`,
            fix: 'Most houses stop needing heat a few degrees below the setpoint. Check both figures.',
            page: 'survey',
            fact: 'house.noLoadF',
          },
        ],
};
