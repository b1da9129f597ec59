import { CLOSED_CONTACT_OHMS, NODE_LEAK_OHMS } from '../units/constants';
import { solveLinear } from './linear';
import { mergeNodes } from './merge';
import type { Edge, Network, NodeName } from './network';

/** The operating point of a network. */
export interface Solution {
  readonly kind: 'solved';
  /** Volts of each node above the source's minus. */
  readonly volts: ReadonlyMap<NodeName, number>;
  /** Current out of the source, A. */
  readonly sourceAmps: number;
}

/** A network without an answer: a source without resistance, shorted. */
export interface Unsolvable {
  readonly kind: 'unsolvable';
  readonly why: string;
}

/** Conductance of an edge, S; zero for an open switch and for a wire that was merged away. */
const conductance = (edge: Edge): number => {
  if (edge.kind === 'switch') return edge.closed ? 1 / CLOSED_CONTACT_OHMS : 0;
  return edge.ohms === 0 ? 0 : 1 / edge.ohms;
};

/**
 * Solves a network by modified nodal analysis: the node voltages and the source's current are the unknowns.
 * Every node leaks 100 MΩ to the source's minus. A wire of 0 Ω joins its two nodes into one.
 * @returns volts and amps, or `unsolvable` where an ideal source is shorted
 * @source Ho, Ruehli, Brennan, "The modified nodal approach to network analysis", 1975
 */
export const solve = (network: Network): Solution | Unsolvable => {
  const { source, edges } = network;
  const { index, count } = mergeNodes(network);
  const plus = index.get(source.plus)!;
  // Unknowns: volts of nodes 1…count-1 (node 0 is the reference), then the source's current.
  const size = count;
  const current = size - 1;
  const matrix = new Float64Array(size * size);
  const right = new Float64Array(size);
  const add = (row: number, column: number, value: number) => {
    if (row > 0 && column > 0) matrix[(row - 1) * size + column - 1]! += value;
  };
  for (let node = 1; node < count; node++) add(node, node, 1 / NODE_LEAK_OHMS);
  for (const edge of edges) {
    const a = index.get(edge.a)!;
    const b = index.get(edge.b)!;
    const siemens = conductance(edge);
    if (siemens === 0 || a === b) continue;
    add(a, a, siemens);
    add(b, b, siemens);
    add(a, b, -siemens);
    add(b, a, -siemens);
  }
  // Kirchhoff at plus: the source's current enters. Branch: volts(plus) + current × ohms = open-circuit volts.
  if (plus > 0) {
    matrix[(plus - 1) * size + current]! -= 1;
    matrix[current * size + plus - 1]! += 1;
  }
  matrix[current * size + current] = source.ohms;
  right[current] = source.volts;
  if (!solveLinear(matrix, right, size)) return { kind: 'unsolvable', why: 'The source has no resistance and its two ends are joined.' };
  const volts = new Map<NodeName, number>();
  for (const [node, at] of index) volts.set(node, at === 0 ? 0 : right[at - 1]!);
  return { kind: 'solved', volts, sourceAmps: right[current]! };
};
