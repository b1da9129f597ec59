import { readVolts } from '../circuit/meter';
import type { Edge, Network } from '../circuit/network';
import { type Settled, type Settler, settlerFor } from '../circuit/settle';
import type { Solution } from '../circuit/solve';
import type { Moment } from '../control/moment';
import { type FaultCode, hasNoFaults, NO_FAULTS, type Scenario } from '../control/scenario';
import type { Signal } from '../control/signal';
import { control, type LockedOut } from '../control/thermostat';
import { type DeviceId, nodeOf, referenceOf } from '../devices/device';
import type { CoilId } from '../devices/ids';
import type { Facts } from '../job/document';
import { PULL_IN_VOLTS } from '../units/control-volts';
import { memoize, once } from '../units/once';
import { faultedEdges, faultedRelays, faultFinder, movesEnds } from './fault';
import { type Harness, refText, type TerminalRef } from './harness';
import { networksOf, type Wired } from './to-network';

/** A harness solved for one set of signals. */
export interface Solved {
  /** As solved: a coil that has not pulled in draws inrush. */
  readonly network: Network;
  /** With power off, for ohms: contacts as signaled, every coil at its sealed VA, none pulled in. */
  readonly atRest: Network;
  readonly solution: Solution;
  /** Terminals with at least pull-in volts to their own device's common. */
  readonly hot: ReadonlySet<string>;
  /** Coils that have pulled in. */
  readonly energized: ReadonlySet<CoilId>;
  /** Volts of each terminal to its reference: its device's common, or its partner on a separate supply. */
  readonly volts: ReadonlyMap<string, number>;
  /** Coils that chatter; empty in a good system. */
  readonly chattering: readonly CoilId[];
  /** Current that blew the board's fuse, A; null while it holds. */
  readonly fuseOpenedAtAmps: number | null;
}

/** A harness under a call: solved, settled, and ready for a meter. */
export interface WiringState extends Solved {
  readonly moment: Moment;
  readonly signals: ReadonlySet<Signal>;
  readonly lockedOut: readonly LockedOut[];
}

/** A fuse holds some overload for a while; above this share of its rating it opens sooner or later. Our judgment. */
const FUSE_OPENS_AT = 1.35;

/** Reference of each terminal, by `device.mark`. */
const referencesOf = (harness: Harness): ReadonlyMap<string, string> => {
  const powered = harness.devices.find(({ transformers }) => transformers.length > 0)!;
  return new Map(
    harness.devices.flatMap((each) =>
      each.terminals.map(({ mark }) => [nodeOf(each.id, mark), refText(referenceOf(each, mark, powered.id))] as const),
    ),
  );
};

const readings = (references: ReadonlyMap<string, string>, solution: Solution) =>
  new Map([...references].map(([node, to]) => [node, readVolts(solution, node, to)] as const));

/** Terminals on a separate supply: 24 V between two of them is an open contact, not a call. */
const onOwnSupply = ({ devices }: Harness): ReadonlySet<string> =>
  new Set(
    devices.flatMap(({ id, terminals }) =>
      terminals.flatMap(({ mark, readTo }) => (readTo === undefined ? [] : [nodeOf(id, mark)])),
    ),
  );

/** Supply conditions while a harness is solved. */
export interface Supply {
  /** The board's fuse, A. */
  readonly fuseAmps: number;
  /** Line volts relative to the transformer's tap. */
  readonly share: number;
}

/** A harness for repeated use: each distinct set of signals is solved once. */
export interface Bench {
  readonly harness: Harness;
  /** Under signals and faults, at the outdoor temperature of its sensor, °F. */
  readonly under: (signals: ReadonlySet<Signal>, outdoorF: number, faults?: readonly FaultCode[]) => Solved;
  /** Under what thermostat and boards send at a moment. */
  readonly at: (facts: Facts, moment: Moment) => WiringState;
  /** Number of networks solved. */
  readonly solutions: () => number;
}

/**
 * Puts a harness on the bench. If it draws more than the board's fuse carries, the fuse opens.
 * @example const state = benchOf(plan(facts), { fuseAmps: 3, share: 1 }).at(facts, DEFAULT_MOMENT);
 *   state.energized.has('contactor');
 */
export const benchOf = (harness: Harness, { fuseAmps, share }: Supply): Bench => {
  const references = once(() => referencesOf(harness));
  const apart = once(() => onOwnSupply(harness));
  const feels = harness.devices.some(({ resistors }) => resistors.length > 0);
  const settlers: Settler[] = [];
  const newSettler = (network: Network) => {
    settlers.push(settlerFor(network));
    return settlers.at(-1)!;
  };
  const networks = networksOf(harness, share);
  const find = faultFinder(harness);
  const soundShape = once(() => newSettler(networks(new Set(), 0).network));
  /** A set of faults with its relays and the settler of its topology. */
  const broken = memoize(
    (codes: readonly FaultCode[]) => codes.join('~'),
    (codes) => {
      const faults = find(codes).map(({ fault }) => fault);
      const { network, relays } = networks(new Set(), 0);
      const edges = faults.reduce<readonly Edge[]>(faultedEdges, network.edges);
      return {
        faults,
        relays: faults.reduce(faultedRelays, relays),
        // Faults that keep every end in place share the topology of the good harness.
        settler: once(() => (faults.some(movesEnds) ? newSettler({ ...network, edges }) : soundShape())),
      };
    },
  );

  const wiredWith = (signals: ReadonlySet<Signal>, outdoorF: number, codes: readonly FaultCode[]): Wired => {
    const { faults, relays } = broken(codes);
    const { network } = networks(signals, outdoorF);
    return { network: { ...network, edges: faults.reduce<readonly Edge[]>(faultedEdges, network.edges) }, relays };
  };

  /** Power off: everything moved by coils and boards is at rest. */
  const restingNetwork = (signals: ReadonlySet<Signal>, outdoorF: number, codes: readonly FaultCode[]): Network => {
    const { network, relays } = wiredWith(signals, outdoorF, codes);
    const rests = new Map(
      relays.flatMap(({ opens, closes, powers = [] }) => [
        ...opens.map((id) => [id, true] as const),
        ...closes.map((id) => [id, false] as const),
        ...powers.map(({ id, closed }) => [id, closed] as const),
      ]),
    );
    const edges = network.edges.map((edge) => {
      const closed = edge.id === undefined ? undefined : rests.get(edge.id);
      return edge.kind === 'switch' && closed !== undefined ? { ...edge, closed } : edge;
    });
    return { ...network, edges };
  };

  const settled = (signals: ReadonlySet<Signal>, outdoorF: number, codes: readonly FaultCode[]): Settled => {
    const { network, relays } = wiredWith(signals, outdoorF, codes);
    return broken(codes).settler().settle(network, relays);
  };

  const solve = (signals: ReadonlySet<Signal>, outdoorF: number, codes: readonly FaultCode[]): Solved => {
    const first = settled(signals, outdoorF, codes);
    const blows = first.solution.sourceAmps > fuseAmps * FUSE_OPENS_AT;
    const result = blows ? settled(new Set([...signals, 'fuse-open' as const]), outdoorF, codes) : first;
    const { solution } = result;
    const atRest = once(() => restingNetwork(signals, outdoorF, codes));
    const volts = once(() => readings(references(), solution));
    const hot = once(
      () =>
        new Set(
          [...volts()].filter(([node, value]) => value >= PULL_IN_VOLTS && !apart().has(node)).map(([node]) => node),
        ),
    );
    return {
      get network() {
        return result.network;
      },
      solution,
      get atRest() {
        return atRest();
      },
      get volts() {
        return volts();
      },
      get hot() {
        return hot();
      },
      energized: (result.kind === 'settled' ? result.pulledIn : new Set()) as ReadonlySet<CoilId>,
      chattering: (result.kind === 'chatters' ? result.relays : []) as readonly CoilId[],
      fuseOpenedAtAmps: blows ? first.solution.sourceAmps : null,
    };
  };

  const kept = memoize(
    ({ signals, outdoorF, codes }: { signals: ReadonlySet<Signal>; outdoorF: number; codes: readonly FaultCode[] }) =>
      `${[...signals].sort().join(' ')}|${feels ? outdoorF : ''}|${codes.join('~')}`,
    ({ signals, outdoorF, codes }) => solve(signals, outdoorF, codes),
  );
  const under: Bench['under'] = (signals, outdoorF, faults = []) => kept({ signals, outdoorF, codes: faults });
  return {
    harness,
    under,
    at: (facts, moment) => {
      const { signals, lockedOut } = control(facts, moment);
      const solved = under(signals, moment.outdoorF, moment.scenario.faults);
      const { solution, energized, chattering, fuseOpenedAtAmps } = solved;
      return {
        moment,
        signals,
        lockedOut: lockedOut,
        get network() {
          return solved.network;
        },
        solution,
        energized,
        chattering,
        fuseOpenedAtAmps,
        get atRest() {
          return solved.atRest;
        },
        get volts() {
          return solved.volts;
        },
        get hot() {
          return solved.hot;
        },
      };
    },
    solutions: () => settlers.reduce((sum, { solutions }) => sum + solutions(), 0),
  };
};

/** Supply of a job's control circuit, at the volts of its transformer's tap. */
export const supplyOf = ({ airHandler }: Facts): Supply => ({ fuseAmps: airHandler.fuseAmps, share: 1 });

/** A job's harness on the bench, at its own supply. */
export const benchFor = (facts: Facts, harness: Harness): Bench => benchOf(harness, supplyOf(facts));

/** One moment of one harness, for single use. */
export const wiringState = (facts: Facts, harness: Harness, moment: Moment): WiringState =>
  benchFor(facts, harness).at(facts, moment);

/** Reading of a high-impedance voltmeter between two terminals, V. */
export const meterVolts = ({ solution }: Solved, one: TerminalRef, other: TerminalRef): number =>
  readVolts(solution, nodeOf(one.device, one.mark), nodeOf(other.device, other.mark));

/** Volts of a device's terminal to its own common, V. An unknown terminal reads zero. */
export const terminalVolts = ({ volts }: Solved, device: DeviceId, mark: string): number =>
  volts.get(nodeOf(device, mark)) ?? 0;

/** A moment without faults. */
export const asPlannedState = (moment: Moment): Moment =>
  hasNoFaults(moment.scenario) ? moment : { ...moment, scenario: NO_FAULTS };

/** A moment with a simulation. */
export const withScenario = (moment: Moment, scenario: Scenario): Moment => ({ ...moment, scenario });
