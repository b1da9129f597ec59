import { backupOf } from '../../job/backup';
import { kitRows } from '../../job/kit-rows';
import { choiceSetting, worked } from '../setting';

/** Backup source, as set on the thermostat. */
export const BACKUP_SOURCE = choiceSetting({
  id: 'backup-source',
  label: 'Backup source',
  on: ['thermostat'],
  meaning: 'Whether the backup is electric or burns fuel.',
  decidedBy: 'The equipment under the coil.',
  after: ['system-type'],
  usual: 'electric',
  options: [
    { value: 'electric', label: 'Electric' },
    { value: 'fossil', label: 'Fossil' },
    { value: 'none', label: 'None' },
  ],
  fact: {
    path: 'thermostat.backupSetting',
    holds: 'as-found',
    read: ({ thermostat }) => thermostat.backupSetting,
    write: ({ thermostat }, value) => (value === 'none' ? thermostat.backupSetting : value),
  },
  work: ({ facts }) => {
    if (backupOf(facts) === 'fossil')
      return worked(
        'fossil',
        `A ${facts.furnace.fuel.replace('-', ' ')} furnace heats the same airstream as the coil.`,
      );
    return kitRows(facts).length > 0
      ? worked('electric', 'The kit’s strips are electric.')
      : worked('none', 'No heat kit installed.');
  },
});
