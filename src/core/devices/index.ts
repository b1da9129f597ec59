import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { addAWireKitAtBoard, addAWireKitAtThermostat } from './add-a-wire-kit';
import { airCleaner } from './air-cleaner';
import { airHandler } from './air-handler';
import { dehumidistat } from './dehumidistat';
import type { Device, DeviceId } from './device';
import { emergencyRelay } from './emergency-relay';
import { fanCenter } from './fan-center';
import { floatSwitch } from './float-switch';
import { furnace, hasNoBoard } from './furnace';
import { furnaceRelayKit } from './furnace-relay-kit';
import { humidifier } from './humidifier';
import { isolationRelay } from './isolation-relay';
import { loadControl } from './load-control';
import { lowGasSwitch } from './low-gas-switch';
import { outdoorSensor } from './outdoor-sensor';
import { outdoorThermostats } from './outdoor-thermostats';
import { outdoorUnit } from './outdoor-unit';
import { packagedUnit } from './packaged-unit';
import { stripInterlock } from './strip-interlock';
import { thermostat } from './thermostat';
import { ventilator } from './ventilator';
import { wetSwitch } from './wet-switch';
import { zoneBoard } from './zone-board';

/** Builds each device from the facts. */
const MAKERS: Record<DeviceId, (facts: Facts) => Device> = {
  thermostat,
  'air-handler': airHandler,
  furnace,
  'fan-center': fanCenter,
  'packaged-unit': packagedUnit,
  'outdoor-unit': outdoorUnit,
  'float-switch': () => floatSwitch,
  interlock: furnaceRelayKit,
  'isolation-relay': () => isolationRelay,
  'low-gas-switch': () => lowGasSwitch,
  'emergency-relay': emergencyRelay,
  'strip-interlock': stripInterlock,
  'outdoor-thermostats': outdoorThermostats,
  'outdoor-sensor': () => outdoorSensor,
  'relay-pair-wall': () => addAWireKitAtThermostat,
  'relay-pair-board': () => addAWireKitAtBoard,
  'load-control': () => loadControl,
  'wet-switch': () => wetSwitch,
  'zone-board': zoneBoard,
  dehumidistat: () => dehumidistat,
  humidifier,
  ventilator,
  'air-cleaner': airCleaner,
};

/** A device of a job. */
export const makeDevice = (id: DeviceId, facts: Facts): Device => MAKERS[id](facts);

/** The device with the blower relay and the system transformer. */
export const indoorId = (facts: Facts): DeviceId => {
  if (facts.system.cabinet === 'packaged') return 'packaged-unit';
  if (backupOf(facts) !== 'fossil') return 'air-handler';
  return hasNoBoard(facts) ? 'fan-center' : 'furnace';
};

/** The device with the burner. */
export const burnerId = ({ system }: Facts): DeviceId => (system.cabinet === 'packaged' ? 'packaged-unit' : 'furnace');

/** The device with the compressor. */
export const outdoorId = ({ system }: Facts): DeviceId =>
  system.cabinet === 'packaged' ? 'packaged-unit' : 'outdoor-unit';
