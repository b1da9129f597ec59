import type { DeviceId } from '../../devices/device';
import { type Harness, refText, type TerminalRef } from '../harness';
import { isLeads } from '../plan/colors';
import { type Columns, columnsFor } from './columns';
import { placeDevices } from './devices';
import type { Drawing, DrawnCable, DrawnDevice, DrawnJumper, DrawnWire } from './drawn';
import { endColumns } from './ends';
import { MARGIN, PARKING_HEIGHT, type Point, type Side, STUB, TRACK } from './geometry';
import { type Bent, type Routed, type Routes, routesOf } from './routes';

export type { DrawnDevice, DrawnEnd, Drawing, DrawnTerminal, DrawnWire } from './drawn';
export { mayLand } from './ends';

/** Spacing of cable names above one channel. */
const NAME_HEIGHT = 16;

/** A wire's route; `track` is its own track in a channel, or null if straight. */
const wireAlong = (
  { conductor, cable, channel, stops }: Routed,
  ys: readonly [number, number],
  edge: Columns['edge'],
  track: number | null,
): DrawnWire => {
  const parkX = (side: Side) => edge(channel, side) + (side === 'left' ? STUB * 0.4 : -STUB * 0.4);
  const [first, last] = [0, 1].map((at): Point => {
    const { ref, side } = stops[at]!;
    return { x: ref ? edge(channel, side) : parkX(side), y: ys[at]! };
  }) as [Point, Point];
  const isSpare = conductor.from === null && conductor.to === null;
  const trackX = edge(channel, 'left') + STUB + ((track ?? 0) + 1) * TRACK;
  const turns = track === null || isSpare ? [] : [first, last].map(({ y }): Point => ({ x: trackX, y }));
  return {
    id: conductor.id,
    cable,
    colour: conductor.colour,
    carries: conductor.carries,
    points: [first, ...turns, last],
    isSpare,
    ends: stops.map(({ end, ref, side }, at) => ({ end, ref, side, ...(at === 0 ? first : last) })),
  };
};

const wiresAlong = ({ straight, bent }: Routes, { edge }: Columns): DrawnWire[] => [
  ...[...straight].map((each) => wireAlong(each, [each.stops[0].y, each.stops[1].y], edge, null)),
  ...bent.flatMap((tracks) => tracks.map((each: Bent, track) => wireAlong(each, each.ys, edge, track))),
];

/** Jumpers and factory leads inside their device, side by side. */
const jumpersIn = (harness: Harness, devices: readonly DrawnDevice[]): DrawnJumper[] => {
  const nodeY = new Map(devices.flatMap(({ terminals }) => terminals.map(({ node, y }) => [node, y] as const)));
  const y = (ref: TerminalRef) => nodeY.get(refText(ref));
  const count = new Map<DeviceId, number>();
  const factory = harness.devices.flatMap(({ id: device, factoryLeads }) =>
    factoryLeads.map(({ id, label, why, from, to }) => ({
      id,
      why: `${label}. ${why}`,
      from: { device, mark: from },
      to: { device, mark: to },
      isFactory: true,
    })),
  );
  const jumpers = harness.jumpers.map((each) => ({ ...each, isFactory: false }));
  return [...jumpers, ...factory].flatMap(({ id, why, from, to, isFactory }): DrawnJumper[] => {
    const drawn = devices.find(({ device }) => device.id === from.device);
    const [fromY, toY] = [y(from), y(to)];
    if (!drawn || fromY === undefined || toY === undefined) return [];
    const at = count.get(from.device) ?? 0;
    count.set(from.device, at + 1);
    return [{ id, why, from, to, x: drawn.x + drawn.width - 14 - 12 * at, fromY, toY, isFactory }];
  });
};

/** Cable names above their channels. */
const cablesOver = (planned: Harness, harness: Harness, { edge }: Columns): DrawnCable[] => {
  const named = [0, 0, 0];
  return harness.cables
    .filter(({ id }) => !isLeads(id))
    .map((cable): DrawnCable => {
      const channel = endColumns(cable, planned.devices)[0];
      return {
        id: cable.id,
        label: cable.label,
        about: `${cable.gauge} AWG × ${cable.conductors}, ${cable.lengthFt} ft`,
        x: (edge(channel, 'left') + edge(channel, 'right')) / 2,
        y: MARGIN + NAME_HEIGHT * 2 * named[channel]!++,
      };
    });
};

/**
 * Lays out a harness. Rows and places come from the plan, so that as-found differences show as wires that leave their
 * row.
 */
export const drawing = (planned: Harness, harness: Harness): Drawing => {
  const rowsOnly = placeDevices(planned, [0, 0, 0]);
  const routes = routesOf(planned, harness, rowsOnly);
  const columns = columnsFor(planned.devices, routes);
  const devices = placeDevices(planned, columns.x);
  const bottom = Math.max(...devices.map(({ y, height }) => y + height));
  const parking = routes.parkedMost > 0 ? 10 + routes.parkedMost * PARKING_HEIGHT : 0;
  return {
    width: columns.width,
    height: bottom + MARGIN + parking,
    devices,
    wires: wiresAlong(routes, columns),
    jumpers: jumpersIn(harness, devices),
    cables: cablesOver(planned, harness, columns),
  };
};

/** A wire's route as an SVG path. */
export const pathText = (points: readonly Point[]): string =>
  points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join(' ');
