import { NODE_LEAK_OHMS } from '../units/constants';
import { solveLinear } from './linear';
import { mergeNodes } from './merge';
import { conductance, type Network, type NodeName, sourcesOf } from './network';

/** The operating point of a network. */
export interface Solution {
  readonly kind: 'solved';
  /** Volts of each node above the source's minus. */
  readonly volts: ReadonlyMap<NodeName, number>;
  /** Current from the first source, A. */
  readonly sourceAmps: number;
  /** Current from each source, A, in order. */
  readonly amps: readonly number[];
}

/** A network without a solution: a shorted source without resistance. */
export interface Unsolvable {
  readonly kind: 'unsolvable';
  readonly why: string;
}

/**
 * Solves a network by modified nodal analysis: unknowns are node voltages and source currents. Every node leaks through
 * 100 MΩ to the first source's minus. A 0 Ω wire merges its two nodes.
 * @returns volts and amps, or `unsolvable` where an ideal source is shorted @source Ho, Ruehli, Brennan, "The modified
 *   nodal approach to network analysis", 1975
 */
export const solve = (network: Network): Solution | Unsolvable => {
  const { edges } = network;
  const sources = sourcesOf(network);
  const { index, count } = mergeNodes(network);
  // Unknowns: volts of nodes 1…count-1 (node 0 is the reference), then source currents.
  const size = count - 1 + sources.length;
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
  sources.forEach((source, at) => {
    // Kirchhoff: current enters at plus and leaves at minus. Branch: volts(plus) − volts(minus) + current × ohms =
    // open-circuit volts.
    const current = count - 1 + at;
    const tie = (node: number, sign: number) => {
      if (node === 0) return;
      matrix[(node - 1) * size + current]! -= sign;
      matrix[current * size + node - 1]! += sign;
    };
    tie(index.get(source.plus)!, 1);
    tie(index.get(source.minus)!, -1);
    matrix[current * size + current] = source.ohms;
    right[current] = source.volts;
  });
  if (!solveLinear(matrix, right, size))
    return { kind: 'unsolvable', why: 'The source has no resistance and its two ends are joined.' };
  const volts = new Map<NodeName, number>();
  for (const [node, at] of index) volts.set(node, at === 0 ? 0 : right[at - 1]!);
  const amps = sources.map((_, at) => right[count - 1 + at]!);
  return { kind: 'solved', volts, sourceAmps: amps[0]!, amps };
};
