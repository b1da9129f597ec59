import { CLOSED_CONTACT_OHMS } from '../units/constants';
import { once } from '../units/once';
import { conductance, type Edge, type Network, type NodeName } from './network';
import { type Shape, shapeOf } from './shape';
import type { Solution } from './solve';

/** A coil and the switches that it moves, by edge `id`. Its load has the coil's `id`. */
export interface Relay {
  readonly id: string;
  readonly a: NodeName;
  readonly b: NodeName;
  readonly pullInVolts: number;
  readonly dropOutVolts: number;
  /** Load resistance until it has pulled in, Ω; omitted if the same as afterward. */
  readonly inrushOhms?: number;
  readonly opens: readonly string[];
  readonly closes: readonly string[];
  /** Switches that it powers: while it is out they stay in the given state, whatever else would move them. */
  readonly powers?: readonly { readonly id: string; readonly closed: boolean }[];
}

export type Settled =
  | {
      readonly kind: 'settled';
      readonly network: Network;
      readonly solution: Solution;
      readonly pulledIn: ReadonlySet<string>;
    }
  | {
      readonly kind: 'chatters';
      readonly network: Network;
      /** The time step of its cycle with the highest current from the first source. */
      readonly solution: Solution;
      readonly relays: readonly string[];
    };

const CLOSED_SIEMENS = 1 / CLOSED_CONTACT_OHMS;

/** Effect of a relay on one edge, by index in the network. */
interface Move {
  readonly edge: number;
  readonly whenIn: boolean | null;
  readonly whenOut: boolean | null;
}

interface PreparedRelay {
  readonly relay: Relay;
  readonly a: number;
  readonly b: number;
  readonly moves: readonly Move[];
  /** Index of its load, if it draws a different current before it pulls in. */
  readonly load: number;
}

const prepareRelays = ({ edges }: Network, relays: readonly Relay[], shape: Shape): PreparedRelay[] => {
  const places = new Map<string, number[]>();
  edges.forEach(({ id }, at) => {
    if (id !== undefined) places.set(id, [...(places.get(id) ?? []), at]);
  });
  const switches = (id: string) => (places.get(id) ?? []).filter((at) => edges[at]!.kind === 'switch');
  const moves = (ids: readonly string[], whenIn: boolean | null, whenOut: boolean | null): Move[] =>
    ids.flatMap((id) => switches(id).map((edge) => ({ edge, whenIn, whenOut })));
  return relays.map((relay) => ({
    relay,
    a: shape.indexOf(relay.a) ?? -1,
    b: shape.indexOf(relay.b) ?? -1,
    moves: [
      ...moves(relay.closes, true, false),
      ...moves(relay.opens, false, true),
      ...(relay.powers ?? []).flatMap(({ id, closed }) => moves([id], null, closed)),
    ],
    load:
      relay.inrushOhms === undefined
        ? -1
        : ((places.get(relay.id) ?? []).find((at) => edges[at]!.kind === 'load') ?? -1),
  }));
};

/** Edges of a network with its relays applied. */
const edgesWith = (network: Network, prepared: readonly PreparedRelay[], isIn: readonly boolean[]): readonly Edge[] => {
  const edges = [...network.edges];
  prepared.forEach(({ relay, moves, load }, at) => {
    for (const { edge, whenIn, whenOut } of moves) {
      const closed = isIn[at] ? whenIn : whenOut;
      const was = edges[edge]!;
      if (closed !== null && was.kind === 'switch') edges[edge] = { ...was, closed };
    }
    const own = edges[load];
    if (own?.kind === 'load' && !isIn[at]) edges[load] = { ...own, ohms: relay.inrushOhms! };
  });
  return edges;
};

/** Settles networks of one topology with different contacts. Counts solutions, for benchmarks. */
export interface Settler {
  readonly settle: (network: Network, relays: readonly Relay[], before?: ReadonlySet<string>) => Settled;
  readonly solutions: () => number;
}

/** One round of settling: coils that are in, and the result. */
interface Round {
  readonly isIn: readonly boolean[];
  readonly point: ReturnType<Shape['solve']>;
}

/** A settler for every network with these nodes in this order. */
export const settlerFor = (first: Network): Settler => {
  const shape = shapeOf(first);
  const prepared = new WeakMap<readonly Relay[], readonly PreparedRelay[]>();
  const preparedFor = (network: Network, relays: readonly Relay[]) => {
    const known = prepared.get(relays) ?? prepareRelays(network, relays, shape);
    prepared.set(relays, known);
    return known;
  };
  let solutions = 0;
  /** Conductances of one round; allocated once and reused. */
  const siemens = new Float64Array(first.edges.length);

  const solveWith = (asDriven: Float64Array, relays: readonly PreparedRelay[], isIn: readonly boolean[]) => {
    siemens.set(asDriven);
    for (let at = 0; at < relays.length; at++) {
      const { relay, moves, load } = relays[at]!;
      for (const { edge, whenIn, whenOut } of moves) {
        const closed = isIn[at] ? whenIn : whenOut;
        if (closed !== null) siemens[edge] = closed ? CLOSED_SIEMENS : 0;
      }
      if (load >= 0 && !isIn[at]) siemens[load] = 1 / relay.inrushOhms!;
    }
    solutions++;
    return shape.solve(siemens);
  };

  const acrossOf = ({ a, b }: PreparedRelay, { volts }: Round['point']): number =>
    Math.abs((a < 0 ? 0 : volts[a]!) - (b < 0 ? 0 : volts[b]!));

  const next = ({ isIn, point }: Round, relays: readonly PreparedRelay[]): boolean[] =>
    relays.map((each, at) => acrossOf(each, point) >= (isIn[at] ? each.relay.dropOutVolts : each.relay.pullInVolts));

  /**
   * Coils that hold each other off by inrush do not close at the same instant: the first whose own inrush leaves enough
   * voltage while the others do not draw yet; −1 if none.
   */
  const firstIn = (asDriven: Float64Array, relays: readonly PreparedRelay[], { isIn, point }: Round): number => {
    const held = relays.flatMap((each, at) =>
      each.load >= 0 && !isIn[at] && acrossOf(each, point) >= each.relay.dropOutVolts ? [at] : [],
    );
    if (held.length < 2) return -1;
    return (
      held.find((at) => {
        const alone = relays.map((each, other) =>
          other !== at && held.includes(other) ? { ...each, relay: { ...each.relay, inrushOhms: Infinity } } : each,
        );
        return acrossOf(relays[at]!, solveWith(asDriven, alone, isIn)) >= relays[at]!.relay.pullInVolts;
      }) ?? -1
    );
  };

  const settle: Settler['settle'] = (network, relays, before) => {
    const all = preparedFor(network, relays);
    const { edges } = network;
    const asDriven = new Float64Array(edges.length);
    for (let at = 0; at < edges.length; at++) asDriven[at] = conductance(edges[at]!);
    let rounds: Round[] = [];
    let atRest: Round | null = null;
    let isIn: readonly boolean[] = all.map(({ relay }) => before?.has(relay.id) ?? false);
    for (;;) {
      const round: Round = { isIn, point: solveWith(asDriven, all, isIn) };
      rounds.push(round);
      isIn = next(round, all);
      if (same(isIn, round.isIn)) {
        const first = firstIn(asDriven, all, round);
        if (first < 0) return rested(network, all, round, shape);
        atRest = round;
        rounds = [];
        isIn = round.isIn.map((is, at) => is || at === first);
        continue;
      }
      const since = rounds.findIndex((earlier) => same(earlier.isIn, isIn));
      if (since < 0) continue;
      return atRest ? rested(network, all, atRest, shape) : restless(network, all, rounds.slice(since), shape);
    }
  };
  return { settle, solutions: () => solutions };
};

/** Network and operating point of a round; the network is built on demand. */
const outcome = (network: Network, relays: readonly PreparedRelay[], { isIn, point }: Round, shape: Shape) => {
  const moved = once((): Network => ({ ...network, edges: edgesWith(network, relays, isIn) }));
  return { moved, solution: shape.named(point.volts, point.amps) };
};

const rested = (network: Network, relays: readonly PreparedRelay[], round: Round, shape: Shape): Settled => {
  const { moved, solution } = outcome(network, relays, round, shape);
  const pulledIn = new Set(relays.filter((_, at) => round.isIn[at]).map(({ relay }) => relay.id));
  return {
    kind: 'settled',
    get network() {
      return moved();
    },
    solution,
    pulledIn,
  };
};

const restless = (
  network: Network,
  relays: readonly PreparedRelay[],
  ring: readonly Round[],
  shape: Shape,
): Settled => {
  const most = ring.reduce((one, other) => (other.point.amps[0]! > one.point.amps[0]! ? other : one));
  const { moved, solution } = outcome(network, relays, most, shape);
  const moving = relays.filter((_, at) => ring.some(({ isIn }) => isIn[at] !== ring[0]!.isIn[at]));
  return {
    kind: 'chatters',
    get network() {
      return moved();
    },
    solution,
    relays: moving.map(({ relay }) => relay.id),
  };
};

const same = (one: readonly boolean[], other: readonly boolean[]): boolean => one.every((is, at) => is === other[at]);

/**
 * Lets coils pull in and drop out until no contact moves. A coil pulls in at its pull-in volts, draws inrush until
 * then, and drops out below its drop-out volts; between the two it keeps its state. Coils that hold each other off by
 * inrush come in one after another. Switches that a coil powers are at rest until it is in.
 * @param network every source with a resistance above zero
 * @param before coils already in (relays remember); none when power has just come on
 * @returns the settled network, or `chatters` with the relays that never settle
 */
export const settle = (network: Network, relays: readonly Relay[], before?: ReadonlySet<string>): Settled =>
  settlerFor(network).settle(network, relays, before);
