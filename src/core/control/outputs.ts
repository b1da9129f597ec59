import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';

/** The thermostat's terminals for backup heat by function; a function without a terminal is omitted. */
export interface BackupOutputs {
  readonly aux?: string;
  readonly secondAux?: string;
  readonly emergency?: string;
  readonly faultLamp?: string;
}

/** The terminal of each backup call, by the subbase and the assignable terminal. */
export const backupOutputs = ({ thermostat }: Facts): BackupOutputs => {
  switch (thermostat.heatTerminals) {
    case 'AUX+E':
      return { aux: 'AUX', emergency: 'E' };
    case 'AUX1+AUX2+E':
      return { aux: 'AUX1', secondAux: 'AUX2', emergency: 'E' };
    case 'W2': {
      const aux = 'W2';
      switch (thermostat.assigned) {
        case 'unused':
          return { aux };
        case 'emergency':
          return { aux, emergency: 'X' };
        case 'second-aux':
          return { aux, secondAux: 'X' };
        case 'fault-lamp':
          return { aux, faultLamp: 'X' };
      }
    }
    case 'none':
      return {};
  }
};

/** Whether the thermostat drops the compressor while it calls backup. */
export const isFossil = ({ system, thermostat }: Facts): boolean =>
  backupOf({ system }) === 'fossil' && thermostat.backupSetting === 'fossil';
