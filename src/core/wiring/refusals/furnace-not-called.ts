import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const furnaceNotCalled: Rule<Facts> = {
  id: 'furnace-not-called',
  why: 'A furnace is called by a heat terminal; this thermostat has none.',
  check: ({ system, thermostat }) =>
    backupOf({ system }) === 'fossil' && thermostat.heatTerminals === 'none'
      ? [
          {
            severity: 'error',
            what: 'The thermostat has no heat terminal, and a furnace is the backup.',
            fix: 'Fit a thermostat with an auxiliary output, or correct its terminals.',
            page: 'wiring',
            fact: 'thermostat.heatTerminals',
          },
        ]
      : [],
};
