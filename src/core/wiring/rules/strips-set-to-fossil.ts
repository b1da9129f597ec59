import { backupOf } from '../../job/backup';
import { kitRows } from '../../job/kit-rows';
import type { WiringRule } from './subject';

export const stripsSetToFossil: WiringRule = {
  id: 'strips-set-to-fossil',
  why: 'Set to fossil, a thermostat stops the heat pump when it calls the strips, and leaves it to them to start the blower.',
  check: ({ facts }) =>
    backupOf(facts) === 'strips' && kitRows(facts).length > 0 && facts.thermostat.backupSetting === 'fossil'
      ? [
          {
            severity: 'error',
            what: 'The backup is electric strips, and the thermostat is set to fossil backup.',
            fix: 'Set its backup to electric.',
            page: 'wiring',
            fact: 'thermostat.backupSetting',
            fixBy: [{ path: 'thermostat.backupSetting', value: 'electric' }],
          },
        ]
      : [],
};
