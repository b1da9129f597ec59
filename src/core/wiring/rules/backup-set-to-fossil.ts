import { backupOf } from '../../job/backup';
import type { WiringRule } from './subject';

export const backupSetToFossil: WiringRule = {
  id: 'backup-set-to-fossil',
  why: 'A thermostat set for strips will call the compressor with the furnace; then only the interlock keeps them apart.',
  check: ({ facts: { system, thermostat } }) =>
    backupOf({ system }) === 'fossil' && thermostat.backupSetting === 'electric'
      ? [
          {
            severity: 'warning',
            what: 'The backup is a furnace, and the thermostat is set to electric backup.',
            fix: 'Set its backup to fossil.',
            page: 'wiring',
            fact: 'thermostat.backupSetting',
            fixBy: [{ path: 'thermostat.backupSetting', value: 'fossil' }],
          },
        ]
      : [],
};
