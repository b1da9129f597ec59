import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const sensorWithoutTerminals: Rule<Facts> = {
  id: 'sensor-without-terminals',
  why: 'A wired sensor lands on two terminals of its own, never on 24 V.',
  check: ({ thermostat }) =>
    thermostat.outdoorSensor === 'wired' && !thermostat.hasSensorTerminals
      ? [
          {
            severity: 'error',
            what: 'Wired outdoor sensor, but the thermostat has no S terminals.',
            fix: 'Use a wireless sensor or a weather service, or another thermostat.',
            page: 'wiring',
            fact: 'thermostat.outdoorSensor',
            fixBy: [{ path: 'thermostat.outdoorSensor', value: 'wireless' }],
          },
        ]
      : [],
};
