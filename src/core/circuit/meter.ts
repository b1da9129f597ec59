import { type Edge, type Network, type NodeName, sourcesOf } from './network';
import { type Solution, solve } from './solve';

/** Voltmeter reading between two nodes: |Va − Vb|, V. A node with no edge floats at the reference. */
export const readVolts = ({ volts }: Solution, a: NodeName, b: NodeName): number =>
  Math.abs((volts.get(a) ?? 0) - (volts.get(b) ?? 0));

/**
 * Reading of a voltmeter with a given input resistance, which loads the circuit.
 * @param ohms the meter's own resistance, Ω; above zero
 */
export const readVoltsThrough = (network: Network, a: NodeName, b: NodeName, ohms: number): number => {
  const loaded = solve({ ...network, edges: [...network.edges, { kind: 'load', a, b, ohms }] });
  return loaded.kind === 'unsolvable' ? 0 : readVolts(loaded, a, b);
};

const conducts = (edge: Edge) => edge.kind !== 'switch' || edge.closed;

/** Everything connected to a node through closed contacts, conductors and, by default, loads. */
export const reach = (
  { edges }: Network,
  start: NodeName,
  carries: (edge: Edge) => boolean = conducts,
): ReadonlySet<NodeName> => {
  const around = new Map<NodeName, NodeName[]>();
  const join = (one: NodeName, other: NodeName) => around.set(one, [...(around.get(one) ?? []), other]);
  for (const edge of edges) {
    if (!carries(edge)) continue;
    join(edge.a, edge.b);
    join(edge.b, edge.a);
  }
  const seen = new Set([start]);
  for (const node of seen) for (const next of around.get(node) ?? []) seen.add(next);
  return seen;
};

/** Nodes connected to a source; cached per network. */
const tiedNodes = new WeakMap<Network, ReadonlySet<NodeName>>();

const tiedIn = (network: Network): ReadonlySet<NodeName> => {
  const known = tiedNodes.get(network);
  if (known) return known;
  const tied = new Set(
    sourcesOf(network).flatMap(({ plus, minus }) => [...reach(network, plus), ...reach(network, minus)]),
  );
  tiedNodes.set(network, tied);
  return tied;
};

/** Whether a node is connected to no source: a meter there shows stray pickup, not supply. */
export const isFloating = (network: Network, node: NodeName): boolean => !tiedIn(network).has(node);
