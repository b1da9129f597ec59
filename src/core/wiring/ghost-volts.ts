import { isFloating, reach } from '../circuit/meter';
import { type Edge, type NodeName, sourcesOf } from '../circuit/network';
import type { Coil } from '../devices/device';
import { DROP_OUT_VOLTS, LEAST_COIL_VOLTS, NOTHING_VOLTS } from '../units/control-volts';
import { type Harness, refText, type TerminalRef } from './harness';
import { areIsolated } from './isolated';
import { meterVolts, type WiringState } from './state';

const carries = (edge: Edge) => edge.kind === 'wire' || (edge.kind === 'switch' && edge.closed);

/** Coils that connect a group of points to the rest. */
const coilsAt = (harness: Harness, group: ReadonlySet<NodeName>): Coil[] =>
  harness.devices.flatMap(({ id, coils }) =>
    coils.filter(({ from, to }) => group.has(`${id}.${from}`) !== group.has(`${id}.${to}`)),
  );

/** Why a point floats, in words; null if it is properly connected to the transformer. */
const lifted = (harness: Harness, state: WiringState, at: TerminalRef): string | null => {
  const group = reach(state.network, refText(at), carries);
  const isAnchored = sourcesOf(state.network).some(({ plus, minus }) => group.has(plus) || group.has(minus));
  if (isAnchored) return null;
  const coils = coilsAt(harness, group);
  return `${at.mark} is fed only through ${coils.map(({ label }) => label.toLowerCase()).join(' and ')}: neither R nor C connects to it. An open common makes dead terminals read voltage this way.`;
};

/** Explains a reading that is neither zero nor full voltage; null if there is nothing to explain. */
export const ghostWords = (
  harness: Harness,
  state: WiringState,
  one: TerminalRef,
  other: TerminalRef,
): string | null => {
  if (areIsolated(state.network, refText(one), refText(other)))
    return `${one.mark} and ${other.mark} are on two isolated supplies: a meter between them reads nothing that means anything. Read each to its own partner.`;
  // Both ends of a contact on a separate supply: between them is that supply.
  const isPair = harness.devices.some(
    ({ id, terminals }) =>
      id === one.device && terminals.some(({ mark, readTo }) => mark === one.mark && readTo === other.mark),
  );
  if (isPair && one.device === other.device) return null;
  const floating = [one, other].find((ref) => isFloating(state.network, refText(ref)));
  if (floating)
    return `${floating.mark} is floating: nothing connects to it. A standard meter may show up to half of 24 V; low impedance (LoZ) shows it is nothing.`;
  const volts = meterVolts(state, one, other);
  if (volts < NOTHING_VOLTS) return null;
  const reasons = [lifted(harness, state, one), lifted(harness, state, other)].filter((words) => words !== null);
  if (reasons.length > 0) return reasons.join(' ');
  if (volts < LEAST_COIL_VOLTS && volts >= DROP_OUT_VOLTS) return 'Low: too much voltage drop, or two coils in series.';
  return null;
};
