import type { Coil, Device, DeviceId } from '../../devices/device';
import type { WireEnd } from '../as-found';
import { type Cable, type Colour, type Harness, refText, type TerminalRef, type WireId } from '../harness';
import { isLeads } from '../plan/colours';
import {
  DEVICE_GAP,
  HEADER_HEIGHT,
  MARGIN,
  OFFSETS,
  PARKING_HEIGHT,
  type Point,
  ROW_HEIGHT,
  type Side,
  STUB,
  TRACK,
} from './geometry';
import { columnOf, mainDevices, sharedRows } from './rows';

/** A terminal's row on its device. */
export interface DrawnTerminal {
  readonly ref: TerminalRef;
  readonly node: string;
  readonly carries: string;
  readonly isSplice: boolean;
  /** Middle of the row. */
  readonly y: number;
  /** Coils that this terminal feeds, directly or through a contact that rests closed. */
  readonly coils: readonly Coil[];
}

export interface DrawnDevice {
  readonly device: Device;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly terminals: readonly DrawnTerminal[];
}

/** An end of a conductor that can be taken hold of. */
export interface DrawnEnd extends Point {
  readonly end: WireEnd;
  readonly ref: TerminalRef | null;
  readonly side: Side;
}

export interface DrawnWire {
  readonly id: WireId;
  readonly cable: Cable;
  readonly colour: Colour | null;
  readonly carries: string;
  readonly points: readonly Point[];
  readonly ends: readonly DrawnEnd[];
  readonly isSpare: boolean;
}

export interface DrawnJumper {
  readonly id: string;
  readonly why: string;
  readonly from: TerminalRef;
  readonly to: TerminalRef;
  readonly x: number;
  readonly fromY: number;
  readonly toY: number;
}

/** A cable's name over the channel that it runs in. */
export interface DrawnCable extends Point {
  readonly id: string;
  readonly label: string;
  readonly about: string;
}

/** A harness laid out: devices as the house has them, wires on tracks of their own. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly devices: readonly DrawnDevice[];
  readonly wires: readonly DrawnWire[];
  readonly jumpers: readonly DrawnJumper[];
  readonly cables: readonly DrawnCable[];
}

const WIDTHS = [124, 196, 196] as const;
const TOP = 52;
const NAME_HEIGHT = 16;

const coilsAt = ({ coils, contacts }: Device, mark: string): Coil[] =>
  coils.filter(
    ({ from }) =>
      from === mark ||
      contacts.some((contact) => contact.from === mark && contact.to === from && contact.rests === 'closed'),
  );

/** Rows of each device, from its own top: shared ones for the main devices, one after the other for added ones. */
const placeDevices = (planned: Harness, columnX: readonly number[]): DrawnDevice[] => {
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

/** The columns that a cable's two ends may land in. */
const endColumns = (cable: Cable, devices: readonly Device[]): readonly [number, number] => {
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

interface Stop {
  readonly end: WireEnd;
  readonly ref: TerminalRef | null;
  readonly side: Side;
  readonly y: number;
}

interface Routed {
  readonly conductor: Harness['conductors'][number];
  readonly cable: Cable;
  readonly channel: number;
  readonly stops: readonly [Stop, Stop];
  readonly isStraight: boolean;
}

/**
 * Lays a harness out. Rows and places come from the plan, so that what was found otherwise shows as a wire that leaves
 * its row.
 */
export const drawing = (planned: Harness, harness: Harness): Drawing => {
  const unplaced = placeDevices(planned, [0, 0, 0]);
  const rowY = new Map(unplaced.flatMap(({ terminals }) => terminals.map(({ node, y }) => [node, y] as const)));
  const columnByDevice = new Map(planned.devices.map((device) => [device.id, columnOf(device)]));
  const cableById = new Map(harness.cables.map((cable) => [cable.id, cable]));
  const bottom = Math.max(...unplaced.map(({ y, height }) => y + height));
  const parked = [0, 0, 0];

  const routed = harness.conductors.flatMap((conductor): Routed[] => {
    const cable = cableById.get(conductor.cable);
    if (!cable) return [];
    const [fromColumn, toColumn] = endColumns(cable, planned.devices);
    const columns = [
      conductor.from ? (columnByDevice.get(conductor.from.device) ?? fromColumn) : fromColumn,
      conductor.to ? (columnByDevice.get(conductor.to.device) ?? toColumn) : toColumn,
    ] as const;
    // Leads within one column bow out to the channel on its right.
    const channel = Math.min(columns[0] === columns[1] ? columns[0] : Math.min(...columns), 2);
    const isLoose = conductor.from === null || conductor.to === null;
    const parkY = isLoose ? bottom + 24 + parked[channel]!++ * PARKING_HEIGHT : 0;
    const stop = (end: WireEnd): Stop => {
      const ref = conductor[end];
      const column = end === 'from' ? columns[0] : columns[1];
      return {
        end,
        ref,
        side: column === channel ? 'left' : 'right',
        y: ref ? (rowY.get(refText(ref)) ?? parkY) : parkY,
      };
    };
    const stops = [stop('from'), stop('to')] as const;
    return [
      {
        conductor,
        cable,
        channel,
        stops,
        isStraight: !isLoose && stops[0].y === stops[1].y && stops[0].side !== stops[1].side,
      },
    ];
  });

  // One straight wire a row; a second one between the same rows takes a track.
  const taken = new Set<string>();
  const straight = new Set(
    routed.filter((each) => {
      const key = `${each.channel} ${each.stops[0].y}`;
      if (!each.isStraight || taken.has(key)) return false;
      taken.add(key);
      return true;
    }),
  );

  const used = new Map<string, number>();
  const portY = (channel: number, { ref, side, y }: Stop): number => {
    if (!ref) return y;
    const key = `${channel} ${side} ${refText(ref)}`;
    const at = used.get(key) ?? 0;
    used.set(key, at + 1);
    return y + OFFSETS[side][at % OFFSETS[side].length]!;
  };

  const bent = [0, 1, 2].map((channel) => {
    const wires = routed
      .filter((each) => each.channel === channel && !straight.has(each))
      .map((each) => ({ ...each, ys: [portY(channel, each.stops[0]), portY(channel, each.stops[1])] as const }));
    const leftY = (wire: (typeof wires)[number]) => (wire.stops[0].side === 'left' ? wire.ys[0] : wire.ys[1]);
    const rightY = (wire: (typeof wires)[number]) => (wire.stops[0].side === 'left' ? wire.ys[1] : wire.ys[0]);
    const bows = wires
      .filter(({ stops }) => stops[0].side === stops[1].side)
      .sort((a, b) => Math.abs(a.ys[0] - a.ys[1]) - Math.abs(b.ys[0] - b.ys[1]));
    const through = wires.filter(({ stops }) => stops[0].side !== stops[1].side);
    // Falling wires keep clear of each other when the higher one turns later, rising ones when it turns sooner.
    const rising = through.filter((wire) => rightY(wire) < leftY(wire)).sort((a, b) => leftY(a) - leftY(b));
    const falling = through.filter((wire) => rightY(wire) >= leftY(wire)).sort((a, b) => leftY(b) - leftY(a));
    return [...bows, ...rising, ...falling];
  });

  const hasThird = planned.devices.some((device) => columnOf(device) === 2);
  const channelWidth = bent.map((wires, channel) => {
    const isUsed = routed.some((each) => each.channel === channel);
    if (!isUsed) return 0;
    const isOuter = channel === (hasThird ? 2 : 1);
    return (isOuter ? STUB : 2 * STUB) + (wires.length + 1) * TRACK;
  });
  const columnX = [MARGIN, 0, 0];
  columnX[1] = columnX[0]! + WIDTHS[0] + channelWidth[0]!;
  columnX[2] = columnX[1]! + WIDTHS[1] + channelWidth[1]!;
  const devices = placeDevices(planned, columnX);
  const edge = (channel: number, side: Side) =>
    side === 'left'
      ? columnX[channel]! + WIDTHS[channel]!
      : columnX[channel]! + WIDTHS[channel]! + channelWidth[channel]!;
  const parkX = (channel: number, side: Side) => edge(channel, side) + (side === 'left' ? STUB * 0.4 : -STUB * 0.4);

  const wires: DrawnWire[] = [...straight, ...bent.flat()].map((each): DrawnWire => {
    const { conductor, cable, channel, stops } = each;
    const ys = 'ys' in each ? (each.ys as readonly [number, number]) : ([stops[0].y, stops[1].y] as const);
    const xs = stops.map(({ ref, side }) => (ref ? edge(channel, side) : parkX(channel, side))) as [number, number];
    const trackX =
      edge(channel, 'left') + STUB + (bent[channel]!.findIndex((wire) => wire.conductor === conductor) + 1) * TRACK;
    const isSpare = conductor.from === null && conductor.to === null;
    const points: Point[] =
      straight.has(each) || isSpare
        ? [
            { x: xs[0], y: ys[0] },
            { x: xs[1], y: ys[1] },
          ]
        : [
            { x: xs[0], y: ys[0] },
            { x: trackX, y: ys[0] },
            { x: trackX, y: ys[1] },
            { x: xs[1], y: ys[1] },
          ];
    return {
      id: conductor.id,
      cable,
      colour: conductor.colour,
      carries: conductor.carries,
      points,
      isSpare,
      ends: stops.map(({ end, ref, side }, at) => ({ end, ref, side, x: xs[at]!, y: ys[at]! })),
    };
  });

  const nodeY = new Map(devices.flatMap(({ terminals }) => terminals.map(({ node, y }) => [node, y] as const)));
  const jumperCount = new Map<DeviceId, number>();
  const jumpers = harness.jumpers.flatMap(({ id, why, from, to }): DrawnJumper[] => {
    const drawn = devices.find(({ device }) => device.id === from.device);
    const fromY = nodeY.get(refText(from));
    const toY = nodeY.get(refText(to));
    if (!drawn || fromY === undefined || toY === undefined) return [];
    const count = jumperCount.get(from.device) ?? 0;
    jumperCount.set(from.device, count + 1);
    return [{ id, why, from, to, x: drawn.x + drawn.width - 14 - 12 * count, fromY, toY }];
  });

  const named = [0, 0, 0];
  const cables = harness.cables
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

  const lastColumn = hasThird ? 2 : 1;
  return {
    width: columnX[lastColumn]! + WIDTHS[lastColumn]! + channelWidth[lastColumn]! + MARGIN,
    height: bottom + MARGIN + (Math.max(...parked) > 0 ? 10 + Math.max(...parked) * PARKING_HEIGHT : 0),
    devices,
    wires,
    jumpers,
    cables,
  };
};

/** A wire's way as an SVG path. */
export const pathText = (points: readonly Point[]): string =>
  points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join(' ');
