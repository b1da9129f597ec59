import { backupOutputs } from '../control/outputs';
import { valveOutput } from '../devices/thermostat';
import type { Facts } from '../job/document';
import type { TerminalRef } from './harness';

/** Functions of a conductor at the thermostat, independent of color and letter. */
export const THERMOSTAT_FUNCTIONS = {
  hot: 'Hot',
  'hot-cooling': 'Hot for cooling',
  'hot-heating': 'Hot for heating',
  common: 'Common',
  compressor: 'Compressor',
  'second-compressor': 'Compressor, second stage',
  blower: 'Blower',
  'valve-cooling': 'Reversing valve, energized in cooling',
  'valve-heating': 'Reversing valve, energized in heating',
  backup: 'Backup heat',
  'second-backup': 'Backup heat, second stage',
  emergency: 'Emergency heat',
  lamp: 'Fault lamp',
  'sensor-1': 'Outdoor sensor',
  'sensor-2': 'Outdoor sensor, other lead',
  spare: 'Spare',
} as const;

export type ThermostatFunction = keyof typeof THERMOSTAT_FUNCTIONS;

export const isThermostatFunction = (text: string): text is ThermostatFunction =>
  Object.hasOwn(THERMOSTAT_FUNCTIONS, text);

/** Function of a conductor on a terminal of the job’s thermostat; null if the job has no such terminal. */
export const thermostatFunctionAt = (facts: Facts, { mark }: Pick<TerminalRef, 'mark'>): ThermostatFunction | null => {
  const { aux, secondAux, emergency, faultLamp } = backupOutputs(facts);
  const { thermostat, outdoorUnit } = facts;
  const first = new Map<string | undefined, ThermostatFunction>([
    [aux, 'backup'],
    [secondAux, 'second-backup'],
    [emergency, 'emergency'],
    [faultLamp, 'lamp'],
    [valveOutput(facts), outdoorUnit.reversingValve === 'O' ? 'valve-cooling' : 'valve-heating'],
    ['R', 'hot'],
    ['Rc', thermostat.rTerminals === 'R' ? 'hot' : 'hot-cooling'],
    ['Rh', 'hot-heating'],
    ['C', 'common'],
    ['P', 'compressor'],
    ['Y', 'compressor'],
    ['Y1', 'compressor'],
    ['Y2', 'second-compressor'],
    ['G', 'blower'],
    ['S1', 'sensor-1'],
    ['S2', 'sensor-2'],
  ]);
  return first.get(mark) ?? null;
};

/**
 * A function for landing purposes: valve conductors are one in either mode; all hots are one; the two sensor leads are
 * alike.
 */
export const landingOf = (does: ThermostatFunction): ThermostatFunction | 'valve' | 'sensor' => {
  switch (does) {
    case 'valve-cooling':
    case 'valve-heating':
      return 'valve';
    case 'hot-cooling':
    case 'hot-heating':
      return 'hot';
    case 'sensor-1':
    case 'sensor-2':
      return 'sensor';
    default:
      return does;
  }
};
