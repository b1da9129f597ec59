import { NODE_LEAK_OHMS } from '../units/constants';
import { once } from '../units/once';
import { mergeNodes } from './merge';
import { type Network, type NodeName, sourcesOf } from './network';
import type { Solution } from './solve';
import { prepareSparse } from './sparse';

/** A network with fixed nodes: solved repeatedly with different contacts and resistances. */
export interface Shape {
  /** Volts above the reference by node index, and amps of each source, for given conductances by edge, S. */
  readonly solve: (siemens: Float64Array) => { readonly volts: Float64Array; readonly amps: readonly number[] };
  readonly indexOf: (node: NodeName) => number | undefined;
  /** An operating point by node name. */
  readonly named: (volts: Float64Array, amps: readonly number[]) => Solution;
}

/**
 * Prepares a network for repeated solutions: numbers nodes and plans the elimination. Each source becomes a current
 * source with its resistance, which makes the system symmetric.
 * @param network every source with a resistance above zero; others are for `solve` @source Norton's theorem; otherwise
 *   as `solve`, and the two agree
 */
export const shapeOf = (network: Network): Shape => {
  const { edges } = network;
  const sources = sourcesOf(network);
  const { index, count } = mergeNodes(network);
  const size = count - 1;
  const ends = edges.map(({ a, b }) => [index.get(a)! - 1, index.get(b)! - 1] as const);
  const poles = sources.map(({ plus, minus }) => [index.get(plus)! - 1, index.get(minus)! - 1] as const);
  const pattern = prepareSparse(
    size,
    [...ends, ...poles].filter(([one, other]) => one >= 0 && other >= 0),
  );
  const slots = [...ends, ...poles].map(([one, other]) =>
    one >= 0 && other >= 0 && one !== other ? pattern.slotOf(one, other) : -1,
  );
  // Buffers shared by all solutions; only the volts are separate.
  const values = new Float64Array(pattern.slots);
  const add = (one: number, other: number, slot: number, value: number) => {
    if (value === 0 || one === other) return;
    if (one >= 0) values[one]! += value;
    if (other >= 0) values[other]! += value;
    if (slot >= 0) values[slot]! -= value;
  };
  const solve: Shape['solve'] = (siemens) => {
    const volts = new Float64Array(count);
    const right = volts.subarray(1);
    values.fill(0).fill(1 / NODE_LEAK_OHMS, 0, size);
    for (let at = 0; at < ends.length; at++) add(ends[at]![0], ends[at]![1], slots[at]!, siemens[at]!);
    sources.forEach(({ volts: open, ohms }, at) => {
      const [plus, minus] = poles[at]!;
      add(plus, minus, slots[ends.length + at]!, 1 / ohms);
      if (plus >= 0) right[plus]! += open / ohms;
      if (minus >= 0) right[minus]! -= open / ohms;
    });
    pattern.solve(values, right);
    const at = (node: number) => (node < 0 ? 0 : right[node]!);
    const amps = sources.map(({ volts: open, ohms }, source) => {
      const [plus, minus] = poles[source]!;
      return (open - (at(plus) - at(minus))) / ohms;
    });
    return { volts, amps };
  };
  return {
    solve,
    indexOf: (node) => index.get(node),
    named: (volts, amps) => {
      const byName = once(() => new Map([...index].map(([node, at]) => [node, volts[at]!])));
      return {
        kind: 'solved',
        get volts() {
          return byName();
        },
        sourceAmps: amps[0]!,
        amps,
      };
    },
  };
};
