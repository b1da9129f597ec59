import { readVolts } from './meter';
import type { Network, NodeName } from './network';
import { type Solution, solve, type Unsolvable } from './solve';

/** A coil and the switches of the network that it moves, named by their edge `id`. */
export interface Relay {
  readonly id: string;
  readonly a: NodeName;
  readonly b: NodeName;
  readonly pullInVolts: number;
  readonly dropOutVolts: number;
  readonly opens: readonly string[];
  readonly closes: readonly string[];
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
      readonly solution: Solution;
      readonly relays: readonly string[];
    }
  | Unsolvable;

const withContacts = (network: Network, relays: readonly Relay[], pulledIn: ReadonlySet<string>): Network => {
  const moved = new Map<string, boolean>();
  for (const relay of relays) {
    const isIn = pulledIn.has(relay.id);
    for (const id of relay.closes) moved.set(id, isIn);
    for (const id of relay.opens) moved.set(id, !isIn);
  }
  if (moved.size === 0) return network;
  return {
    ...network,
    edges: network.edges.map((edge) =>
      edge.kind === 'switch' && edge.id !== undefined && moved.has(edge.id)
        ? { ...edge, closed: moved.get(edge.id)! }
        : edge,
    ),
  };
};

/**
 * Lets coils pull in and drop out until no contact moves any more.
 * A coil pulls in at or above its pull-in volts and lets go below its drop-out volts; between the two it stays as it
 * was.
 * @param before coils already pulled in (a relay remembers); none when power has just come on
 * @returns the settled network, or `chatters` with the relays that never come to rest
 */
export const settle = (
  network: Network,
  relays: readonly Relay[],
  before: ReadonlySet<string> = new Set(),
): Settled => {
  let pulledIn = before;
  const history: ReadonlySet<string>[] = [];
  for (;;) {
    const moved = withContacts(network, relays, pulledIn);
    const solution = solve(moved);
    if (solution.kind === 'unsolvable') return solution;
    const held = pulledIn;
    const next = new Set(
      relays
        .filter(
          (relay) =>
            readVolts(solution, relay.a, relay.b) >= (held.has(relay.id) ? relay.dropOutVolts : relay.pullInVolts),
        )
        .map((relay) => relay.id),
    );
    if (same(next, pulledIn)) return { kind: 'settled', network: moved, solution, pulledIn };
    const since = history.findIndex((earlier) => same(earlier, next));
    if (since >= 0) {
      const ring = [...history.slice(since), pulledIn];
      const restless = relays
        .map(({ id }) => id)
        .filter((id) => ring.some((state) => state.has(id)) && !ring.every((state) => state.has(id)));
      return { kind: 'chatters', network: moved, solution, relays: restless };
    }
    history.push(pulledIn);
    pulledIn = next;
  }
};

const same = (one: ReadonlySet<string>, other: ReadonlySet<string>): boolean =>
  one.size === other.size && [...one].every((id) => other.has(id));
