import type { Device } from '../../devices/device';
import { WIDTHS } from './devices';
import { MARGIN, type Side, STUB, TRACK } from './geometry';
import type { Routes } from './routes';
import { columnOf } from './rows';

/** Positions of columns and of the channels between them. */
export interface Columns {
  readonly x: readonly number[];
  readonly width: number;
  /** Left or right edge of a channel. */
  readonly edge: (channel: number, side: Side) => number;
}

/** Column spacing for the wires between them. */
export const columnsFor = (devices: readonly Device[], { routed, bent }: Routes): Columns => {
  const last = devices.some((device) => columnOf(device) === 2) ? 2 : 1;
  const channelWidth = bent.map((wires, channel) =>
    routed.some((each) => each.channel === channel)
      ? (channel === last ? STUB : 2 * STUB) + (wires.length + 1) * TRACK
      : 0,
  );
  const x = [MARGIN, 0, 0];
  x[1] = x[0]! + WIDTHS[0] + channelWidth[0]!;
  x[2] = x[1]! + WIDTHS[1] + channelWidth[1]!;
  const edge = (channel: number, side: Side) =>
    x[channel]! + WIDTHS[channel]! + (side === 'left' ? 0 : channelWidth[channel]!);
  return { x, width: edge(last, 'right') + MARGIN, edge };
};
