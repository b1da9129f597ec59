import type { Coil, Device } from '../../devices/device';
import type { Harness } from '../harness';
import type { DrawnDevice } from './drawn';
import { DEVICE_GAP, HEADER_HEIGHT, ROW_HEIGHT } from './geometry';
import { columnOf, mainDevices, sharedRows } from './rows';

/** Widths of the three columns. */
export const WIDTHS = [124, 196, 196] as const;
/** Top of the devices, below the cable names. */
const TOP = 52;

const coilsAt = ({ coils, contacts }: Device, mark: string): Coil[] =>
  coils.filter(
    ({ from }) =>
      from === mark ||
      contacts.some((contact) => contact.from === mark && contact.to === from && contact.rests === 'closed'),
  );

/** Rows of each device, from its own top: shared for the main devices, consecutive for added ones. */
export const placeDevices = (planned: Harness, columnX: readonly number[]): DrawnDevice[] => {
  const rows = sharedRows(planned);
  const mains = mainDevices(planned);
  const mainRows = 1 + Math.max(...rows.values());
  const nextY = [0, 0, 0].map(() => TOP + HEADER_HEIGHT + mainRows * ROW_HEIGHT + DEVICE_GAP);
  return planned.devices.map((device): DrawnDevice => {
    const column = columnOf(device);
    const isMain = mains.includes(device);
    const count = isMain ? mainRows : device.terminals.length;
    const y = isMain ? TOP : nextY[column]!;
    const height = HEADER_HEIGHT + count * ROW_HEIGHT;
    if (!isMain) nextY[column]! += height + DEVICE_GAP;
    return {
      device,
      x: columnX[column]!,
      y,
      width: WIDTHS[column],
      height,
      terminals: device.terminals.map(({ mark, carries, isSplice = false }, at) => {
        const node = `${device.id}.${mark}`;
        const row = isMain ? rows.get(node)! : at;
        return {
          ref: { device: device.id, mark },
          node,
          carries,
          isSplice,
          y: y + HEADER_HEIGHT + (row + 0.5) * ROW_HEIGHT,
          coils: coilsAt(device, mark),
        };
      }),
    };
  });
};
