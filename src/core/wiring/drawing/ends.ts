import type { Device, DeviceId } from '../../devices/device';
import type { WireEnd } from '../as-found';
import type { Cable, Harness } from '../harness';
import { isLeads } from '../plan/colors';
import { columnOf } from './rows';

/** Columns where a cable's two ends may land. */
export const endColumns = (cable: Cable, devices: readonly Device[]): readonly [number, number] => {
  const column = (id: DeviceId) => columnOf(devices.find((device) => device.id === id)!);
  if (isLeads(cable.id)) return [column(cable.from), column(cable.to)];
  return cable.id === 'thermostat-cable' ? [0, 1] : [1, 2];
};

/** Whether an end of a cable reaches a device. */
export const mayLand = (harness: Harness, cable: Cable, end: WireEnd, device: DeviceId): boolean => {
  const [from, to] = endColumns(cable, harness.devices);
  const found = harness.devices.find(({ id }) => id === device);
  if (!found) return false;
  const column = columnOf(found);
  return isLeads(cable.id) ? column === from || column === to : column === (end === 'from' ? from : to);
};
