import type { DeviceId } from '../../devices/device';
import type { WireEnd } from '../as-found';
import { type Cable, type Harness, refText, type TerminalRef } from '../harness';
import type { DrawnDevice } from './drawn';
import { endColumns } from './ends';
import { OFFSETS, PARKING_HEIGHT, type Side } from './geometry';
import { columnOf } from './rows';

interface Stop {
  readonly end: WireEnd;
  readonly ref: TerminalRef | null;
  readonly side: Side;
  readonly y: number;
}

/** A conductor with its channel between two columns, and its two stops there. */
export interface Routed {
  readonly conductor: Harness['conductors'][number];
  readonly cable: Cable;
  readonly channel: number;
  readonly stops: readonly [Stop, Stop];
}

/** A conductor that turns on its own track, with the heights of its ends. */
export interface Bent extends Routed {
  readonly ys: readonly [number, number];
}

/** Route of every conductor. */
export interface Routes {
  readonly routed: readonly Routed[];
  readonly straight: ReadonlySet<Routed>;
  /** By channel, in track order. */
  readonly bent: readonly (readonly Bent[])[];
  /** Maximum spare conductors parked below one channel. */
  readonly parkedMost: number;
}

interface Places {
  readonly rowY: ReadonlyMap<string, number>;
  readonly columns: ReadonlyMap<DeviceId, number>;
  readonly bottom: number;
  readonly devices: Harness['devices'];
}

/** A conductor in its channel; a spare is parked below it in row `parkedAt`. */
const routeOf = (
  { rowY, columns, bottom, devices }: Places,
  conductor: Harness['conductors'][number],
  cable: Cable,
  parkedAt: (channel: number) => number,
): Routed => {
  const [fromColumn, toColumn] = endColumns(cable, devices);
  const columnAt = (ref: TerminalRef | null, home: number) => (ref ? (columns.get(ref.device) ?? home) : home);
  const [from, to] = [columnAt(conductor.from, fromColumn), columnAt(conductor.to, toColumn)];
  // Leads within one column bow into the channel on its right.
  const channel = Math.min(from, to, 2);
  const isLoose = conductor.from === null || conductor.to === null;
  const parkY = isLoose ? bottom + 24 + parkedAt(channel) * PARKING_HEIGHT : 0;
  const stop = (end: WireEnd): Stop => {
    const ref = conductor[end];
    const column = end === 'from' ? from : to;
    return {
      end,
      ref,
      side: column === channel ? 'left' : 'right',
      y: ref ? (rowY.get(refText(ref)) ?? parkY) : parkY,
    };
  };
  return { conductor, cable, channel, stops: [stop('from'), stop('to')] };
};

const isStraight = ({ stops: [one, other] }: Routed) =>
  one.ref !== null && other.ref !== null && one.y === other.y && one.side !== other.side;

/** One straight wire per row; a second one between the same rows takes a track. */
const straightOf = (routed: readonly Routed[]): ReadonlySet<Routed> => {
  const taken = new Set<string>();
  return new Set(
    routed.filter((each) => {
      const key = `${each.channel} ${each.stops[0].y}`;
      if (!isStraight(each) || taken.has(key)) return false;
      taken.add(key);
      return true;
    }),
  );
};

/** Tracks of one channel: bows first, the shortest inside; then passing wires, with the fewest crossings. */
const inTracks = (wires: readonly Bent[]): Bent[] => {
  const leftY = ({ stops, ys }: Bent) => (stops[0].side === 'left' ? ys[0] : ys[1]);
  const rightY = ({ stops, ys }: Bent) => (stops[0].side === 'left' ? ys[1] : ys[0]);
  const bows = wires
    .filter(({ stops }) => stops[0].side === stops[1].side)
    .sort((a, b) => Math.abs(a.ys[0] - a.ys[1]) - Math.abs(b.ys[0] - b.ys[1]));
  const through = wires.filter(({ stops }) => stops[0].side !== stops[1].side);
  // Falling wires stay clear of each other if the higher one turns later, rising ones if it turns sooner.
  const rising = through.filter((wire) => rightY(wire) < leftY(wire)).sort((a, b) => leftY(a) - leftY(b));
  const falling = through.filter((wire) => rightY(wire) >= leftY(wire)).sort((a, b) => leftY(b) - leftY(a));
  return [...bows, ...rising, ...falling];
};

/** Route of every conductor, from the rows of its ends. */
export const routesOf = (planned: Harness, harness: Harness, placed: readonly DrawnDevice[]): Routes => {
  const places: Places = {
    rowY: new Map(placed.flatMap(({ terminals }) => terminals.map(({ node, y }) => [node, y] as const))),
    columns: new Map(planned.devices.map((device) => [device.id, columnOf(device)])),
    bottom: Math.max(...placed.map(({ y, height }) => y + height)),
    devices: planned.devices,
  };
  const cables = new Map(harness.cables.map((cable) => [cable.id, cable]));
  const parked = [0, 0, 0];
  const routed = harness.conductors.flatMap((conductor): Routed[] => {
    const cable = cables.get(conductor.cable);
    return cable ? [routeOf(places, conductor, cable, (channel) => parked[channel]!++)] : [];
  });
  const straight = straightOf(routed);
  const used = new Map<string, number>();
  const portY = (channel: number, { ref, side, y }: Stop): number => {
    if (!ref) return y;
    const key = `${channel} ${side} ${refText(ref)}`;
    const at = used.get(key) ?? 0;
    used.set(key, at + 1);
    return y + OFFSETS[side][at % OFFSETS[side].length]!;
  };
  const bent = [0, 1, 2].map((channel) =>
    inTracks(
      routed
        .filter((each) => each.channel === channel && !straight.has(each))
        .map((each) => ({ ...each, ys: [portY(channel, each.stops[0]), portY(channel, each.stops[1])] as const })),
    ),
  );
  return { routed, straight, bent, parkedMost: Math.max(...parked) };
};
