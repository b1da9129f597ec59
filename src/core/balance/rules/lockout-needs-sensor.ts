import { knowsOutdoor } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const lockoutNeedsSensor: Rule<Facts> = {
  id: 'lockout-needs-sensor',
  why: 'Without an outdoor temperature the thermostat cannot lock out anything.',
  check: (facts) =>
    knowsOutdoor(facts) || (facts.gates.compressorBelowF === null && facts.gates.auxAboveF === null)
      ? []
      : [
          {
            severity: 'error',
            what: 'A lockout is set, but the thermostat has no outdoor temperature.',
            fix: 'Install a wired or wireless sensor, or use a weather service (needs internet); or remove the lockout.',
            page: 'survey',
            fact: 'thermostat.outdoorSensor',
          },
        ],
};
