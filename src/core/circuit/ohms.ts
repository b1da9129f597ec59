import { readVolts } from './meter';
import { type Edge, type Network, type NodeName, sourcesOf } from './network';
import { solve } from './solve';

/**
 * Open circuit above this, Ω: nothing in a control circuit has as much, and the leaks of many nodes together have a
 * little more.
 */
const MOST_OHMS = 500e3;

/**
 * Ohmmeter reading between two nodes with power off: transformers count as their windings. Coils count as 24 V squared
 * over VA; a real coil's DC resistance is lower.
 * @returns ohms, or `OL` where nothing joins the two
 */
export const readOhms = (network: Network, a: NodeName, b: NodeName): number | 'OL' => {
  if (a === b) return 0;
  const windings = sourcesOf(network).map(({ plus, minus, ohms }): Edge => ({ kind: 'load', a: plus, b: minus, ohms }));
  const edges = [...windings, ...network.edges];
  const isKnown = (node: NodeName) => edges.some((edge) => edge.a === node || edge.b === node);
  if (!isKnown(a) || !isKnown(b)) return 'OL';
  // One volt behind one ohm: the divider gives the unknown.
  const solution = solve({ source: { volts: 1, ohms: 1, plus: a, minus: b }, edges });
  if (solution.kind === 'unsolvable' || solution.sourceAmps <= 0) return 'OL';
  const ohms = readVolts(solution, a, b) / solution.sourceAmps;
  return ohms > MOST_OHMS ? 'OL' : ohms;
};
