import { readVolts } from '../circuit/meter';
import type { Network } from '../circuit/network';
import { settle } from '../circuit/settle';
import type { Solution } from '../circuit/solve';
import type { Moment } from '../control/moment';
import { control, type Held, type Signal } from '../control/thermostat';
import { type DeviceId, nodeOf } from '../devices/device';
import type { Facts } from '../job/document';
import type { Harness, TerminalRef } from './harness';
import { PULL_IN_VOLTS, toNetwork } from './to-network';

/** A harness under a call: solved, settled, and ready for a meter. */
export interface WiringState {
  readonly moment: Moment;
  readonly signals: ReadonlySet<Signal>;
  readonly held: readonly Held[];
  readonly network: Network;
  readonly solution: Solution;
  /** Terminals and inner points with at least the pull-in volts to their own device's common. */
  readonly hot: ReadonlySet<string>;
  /** Coils that have pulled in. */
  readonly energised: ReadonlySet<string>;
  /** Volts of each terminal to its own device's common, by `device.mark`. */
  readonly volts: ReadonlyMap<string, number>;
  /** Coils that never come to rest; empty in a sound system. */
  readonly chattering: readonly string[];
}

/** Solves a harness for a moment: logic, contacts, coils, volts. */
export const wiringState = (facts: Facts, harness: Harness, moment: Moment): WiringState => {
  const { signals, held } = control(facts, moment);
  const made = toNetwork(harness, signals);
  if (made === null) throw new Error('A planned harness always has a transformer.');
  const settled = settle(made.network, made.relays);
  if (settled.kind === 'unsolvable') throw new Error(settled.why);
  const { solution, network } = settled;
  const volts = new Map<string, number>();
  for (const device of harness.devices) {
    for (const { mark } of device.terminals) volts.set(nodeOf(device.id, mark), readVolts(solution, nodeOf(device.id, mark), nodeOf(device.id, 'C')));
  }
  const hot = new Set([...volts].filter(([, value]) => value >= PULL_IN_VOLTS).map(([node]) => node));
  return {
    moment,
    signals,
    held,
    network,
    solution,
    hot,
    energised: settled.kind === 'settled' ? settled.pulledIn : new Set(),
    volts,
    chattering: settled.kind === 'chatters' ? settled.relays : [],
  };
};

/** What a voltmeter between two terminals shows, V. */
export const meterVolts = (state: WiringState, one: TerminalRef, other: TerminalRef): number =>
  readVolts(state.solution, nodeOf(one.device, one.mark), nodeOf(other.device, other.mark));

/** Volts of a device's terminal to its own common, V. A terminal that the device has not reads zero. */
export const terminalVolts = (state: WiringState, device: DeviceId, mark: string): number => state.volts.get(nodeOf(device, mark)) ?? 0;
