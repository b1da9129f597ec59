import { type Edge, type NodeName, sourcesOf } from '../circuit/network';
import type { Coil } from '../devices/device';
import { type Harness, refText, type TerminalRef } from './harness';
import { meterVolts, type WiringState } from './state';
import { DROP_OUT_VOLTS } from './to-network';

/** Below this a reading is nothing. */
const NOTHING_VOLTS = 1;
/** Above this a coil is fed as it should be. */
const FED_VOLTS = 20;

const carries = (edge: Edge) => edge.kind === 'wire' || (edge.kind === 'switch' && edge.closed);

/** Everything that closed contacts and conductors join to a node. */
const reach = (edges: readonly Edge[], start: NodeName): ReadonlySet<NodeName> => {
  const seen = new Set([start]);
  const todo = [start];
  for (let node = todo.pop(); node !== undefined; node = todo.pop()) {
    for (const edge of edges) {
      const next = !carries(edge) ? null : edge.a === node ? edge.b : edge.b === node ? edge.a : null;
      if (next !== null && !seen.has(next)) {
        seen.add(next);
        todo.push(next);
      }
    }
  }
  return seen;
};

/** The coils through which a group of points is joined to the rest. */
const coilsAt = (harness: Harness, group: ReadonlySet<NodeName>): Coil[] =>
  harness.devices.flatMap(({ id, coils }) =>
    coils.filter(({ from, to }) => group.has(`${id}.${from}`) !== group.has(`${id}.${to}`)),
  );

/** What lifts one point, in words; null where it is joined to the transformer as it should be. */
const lifted = (harness: Harness, state: WiringState, at: TerminalRef): string | null => {
  const group = reach(state.network.edges, refText(at));
  const isAnchored = sourcesOf(state.network).some(({ plus, minus }) => group.has(plus) || group.has(minus));
  if (isAnchored) return null;
  const coils = coilsAt(harness, group);
  if (coils.length === 0)
    return `${at.mark} floats: nothing is joined to it. A meter of high resistance shows a few volts there that mean nothing.`;
  return `${at.mark} is fed only through ${coils.map(({ label }) => label.toLowerCase()).join(' and ')}: neither R nor C is joined to it. An open common lifts dead terminals so.`;
};

/** Explains a reading that is neither dead nor sound; null where there is nothing to explain. */
export const ghostWords = (
  harness: Harness,
  state: WiringState,
  one: TerminalRef,
  other: TerminalRef,
): string | null => {
  const volts = meterVolts(state, one, other);
  if (volts < NOTHING_VOLTS) return null;
  const reasons = [lifted(harness, state, one), lifted(harness, state, other)].filter((words) => words !== null);
  if (reasons.length > 0) return reasons.join(' ');
  if (volts < FED_VOLTS && volts >= DROP_OUT_VOLTS)
    return 'Low: too much is lost on the way, or two coils share the volts.';
  return null;
};
