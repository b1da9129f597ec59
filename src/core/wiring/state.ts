import { readVolts } from '../circuit/meter';
import type { Network } from '../circuit/network';
import { settle, type Settled } from '../circuit/settle';
import type { Solution } from '../circuit/solve';
import type { Moment } from '../control/moment';
import type { Signal } from '../control/signal';
import { control, type Held } from '../control/thermostat';
import { type DeviceId, nodeOf } from '../devices/device';
import type { Facts } from '../job/document';
import { type Fault, faulted } from './fault';
import type { Harness, TerminalRef } from './harness';
import { PULL_IN_VOLTS, toNetwork, type Wired } from './to-network';

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
  /** The current that opened the board's fuse, A; null while it holds. */
  readonly fuseOpenedAtAmps: number | null;
}

/** A fuse holds some overload for a while; above this share of its rating it opens, sooner or later. */
const FUSE_OPENS_AT = 1.35;

/** The point that a device's terminals are measured to: its own common, or the indoor unit's where it has none. */
const commonOf = (harness: Harness, device: DeviceId): string => {
  const own = harness.devices.find(({ id }) => id === device)!;
  if (own.terminals.some(({ mark }) => mark === 'C')) return nodeOf(device, 'C');
  const powered = harness.devices.find(({ transformers }) => transformers.length > 0)!;
  return nodeOf(powered.id, 'C');
};

const settled = ({ network, relays }: Wired): Exclude<Settled, { kind: 'unsolvable' }> => {
  const result = settle(network, relays);
  // Every transformer has a winding's resistance, so there is always an answer.
  if (result.kind === 'unsolvable') throw new Error(result.why);
  return result;
};

/**
 * Solves a harness for a moment: logic, contacts, coils, volts. Where it draws more than the board's fuse carries,
 * the fuse opens.
 * @param fault something broken, swapped or stuck; null: as it is wired
 */
export const wiringState = (
  facts: Facts,
  harness: Harness,
  moment: Moment,
  fault: Fault | null = null,
): WiringState => {
  const { signals, held } = control(facts, moment);
  const wired = (all: ReadonlySet<Signal>) => faulted(toNetwork(harness, all, moment.outdoorF), fault);
  const first = settled(wired(signals));
  const blows = first.solution.sourceAmps > facts.airHandler.fuseAmps * FUSE_OPENS_AT;
  const result = blows ? settled(wired(new Set([...signals, 'fuse-open' as const]))) : first;
  const { solution, network } = result;
  const volts = new Map<string, number>();
  for (const device of harness.devices) {
    const common = commonOf(harness, device.id);
    for (const { mark } of device.terminals)
      volts.set(nodeOf(device.id, mark), readVolts(solution, nodeOf(device.id, mark), common));
  }
  return {
    moment,
    signals,
    held,
    network,
    solution,
    hot: new Set([...volts].filter(([, value]) => value >= PULL_IN_VOLTS).map(([node]) => node)),
    energised: result.kind === 'settled' ? result.pulledIn : new Set(),
    volts,
    chattering: result.kind === 'chatters' ? result.relays : [],
    fuseOpenedAtAmps: blows ? first.solution.sourceAmps : null,
  };
};

/** What a voltmeter between two terminals shows, V. */
export const meterVolts = (state: WiringState, one: TerminalRef, other: TerminalRef): number =>
  readVolts(state.solution, nodeOf(one.device, one.mark), nodeOf(other.device, other.mark));

/** Volts of a device's terminal to its own common, V. A terminal that the device has not reads zero. */
export const terminalVolts = (state: WiringState, device: DeviceId, mark: string): number =>
  state.volts.get(nodeOf(device, mark)) ?? 0;
