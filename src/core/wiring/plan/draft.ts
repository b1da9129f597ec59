import type { DeviceId } from '../../devices/device';
import { type CableId, type Jumper, jumperId, type TerminalRef, type WireColor } from '../harness';

/** Purpose of one conductor, before colors are assigned. */
export interface Run {
  readonly cable: CableId;
  readonly from: TerminalRef;
  readonly to: TerminalRef;
  readonly colour: WireColor;
  readonly carries: string;
}

/** Part of a plan: conductors, jumpers, added devices, and what stays open on purpose. */
export interface Draft {
  readonly runs?: readonly Run[];
  readonly jumpers?: readonly Jumper[];
  readonly adds?: readonly DeviceId[];
  readonly notes?: readonly string[];
}

export const terminal = (device: DeviceId, mark: string): TerminalRef => ({ device, mark });

export const run = (cable: CableId, from: TerminalRef, to: TerminalRef, colour: WireColor, carries: string): Run => ({
  cable,
  from,
  to,
  colour,
  carries,
});

/** A lead of an added device. */
export const lead = (device: DeviceId, mark: string, to: TerminalRef, colour: WireColor, carries: string): Run =>
  run(`leads-${device}`, terminal(device, mark), to, colour, carries);

export const jumper = (device: DeviceId, one: string, other: string, why: string): Jumper => {
  const [from, to] = [terminal(device, one), terminal(device, other)];
  return { id: jumperId(from, to), from, to, why };
};

/** Parts combined. */
export const together = (...parts: readonly Draft[]): Required<Draft> => ({
  runs: parts.flatMap(({ runs = [] }) => runs),
  jumpers: parts.flatMap(({ jumpers = [] }) => jumpers),
  adds: [...new Set(parts.flatMap(({ adds = [] }) => adds))],
  notes: parts.flatMap(({ notes = [] }) => notes),
});
