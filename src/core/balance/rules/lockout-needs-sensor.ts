import { knowsOutdoor } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const lockoutNeedsSensor: Rule<Facts> = {
  id: 'lockout-needs-sensor',
  why: 'Without an outdoor temperature the thermostat has no lockouts, whatever was meant.',
  check: (facts) =>
    knowsOutdoor(facts) || (facts.gates.compressorBelowF === null && facts.gates.auxAboveF === null)
      ? []
      : [
          {
            severity: 'error',
            what: 'A lockout is set, and the thermostat does not know the outdoor temperature.',
            mend: 'Fit a wired or a wireless sensor, or use a weather service (it needs the network); or take the lockout out.',
            page: 'survey',
            fact: 'thermostat.outdoorSensor',
          },
        ],
};
