import { backupOutputs } from '../../control/outputs';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const emergencyThroughThermostat: Rule<Facts> = {
  id: 'emergency-through-thermostat',
  why: 'Emergency heat bypasses outdoor thermostats: it must heat at any temperature.',
  check: (facts) =>
    backupOf(facts) === 'strips' &&
    facts.gates.outdoorThermostats.length > 0 &&
    backupOutputs(facts).aux !== undefined &&
    backupOutputs(facts).emergency === undefined
      ? [
          {
            severity: 'error',
            what: 'AUX and E share one terminal, and an outdoor thermostat blocks it.',
            fix: 'Set the assignable terminal to emergency heat; or take the outdoor thermostats out and use the thermostat’s own lockout.',
            page: 'wiring',
            fact: 'gates.outdoorThermostats',
            fixBy: [{ path: 'gates.outdoorThermostats', value: [] }],
          },
        ]
      : [],
};
