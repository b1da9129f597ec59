import type { Edge } from '../circuit/network';
import type { Relay } from '../circuit/settle';
import type { FaultCode } from '../control/scenario';
import { DEVICE_LABELS, type DeviceId } from '../devices/device';
import type { CoilId, ContactId } from '../devices/ids';
import { once } from '../units/once';
import {
  type CableId,
  colorName,
  type Harness,
  type JumperId,
  jumperWords,
  landedConductors,
  refText,
  type WireId,
} from './harness';

/** One thing wrong with a wiring. */
export type Fault =
  | { readonly kind: 'open'; readonly edge: WireId | JumperId | CoilId }
  | { readonly kind: 'loose'; readonly wire: WireId }
  | { readonly kind: 'touching'; readonly wires: readonly [WireId, WireId]; readonly nodes: readonly [string, string] }
  | { readonly kind: 'stuck'; readonly contact: ContactId; readonly closed: boolean }
  | { readonly kind: 'swapped'; readonly wires: readonly [WireId, WireId]; readonly ends: readonly [string, string] };

/** A fault with code and words. */
export interface NamedFault {
  readonly code: FaultCode;
  readonly words: string;
  readonly fault: Fault;
}

const moveEnd = (edge: Edge, from: string, to: string): Edge =>
  edge.a === from ? { ...edge, a: to } : edge.b === from ? { ...edge, b: to } : edge;

/**
 * Added resistance of a loose or corroded screw, Ω. Our judgment: a meter without load does not see it, and a coil
 * behind it does not pull in.
 */
const LOOSE_OHMS = 120;
/** Bare copper on bare copper, Ω. */
const TOUCH_OHMS = 0.05;

/** Absent parts keep their place in the network as open edges, so that all faults have one topology. */
const opened = ({ a, b, id }: Edge): Edge => ({
  kind: 'switch',
  a,
  b,
  closed: false,
  ...(id === undefined ? {} : { id }),
});

const faultedEdge = (edge: Edge, fault: Fault): Edge => {
  switch (fault.kind) {
    case 'open':
      return edge.id === fault.edge && edge.kind !== 'switch' ? opened(edge) : edge;
    case 'loose':
      return edge.id === fault.wire && edge.kind === 'wire' ? { ...edge, ohms: edge.ohms + LOOSE_OHMS } : edge;
    case 'touching':
      return edge;
    case 'stuck':
      return edge.id === fault.contact && edge.kind === 'switch' ? { ...edge, closed: fault.closed } : edge;
    case 'swapped': {
      const [one, other] = fault.wires;
      const [atOne, atOther] = fault.ends;
      if (edge.id === one) return moveEnd(edge, atOne, atOther);
      return edge.id === other ? moveEnd(edge, atOther, atOne) : edge;
    }
  }
};

/** Edges of a network with a fault. */
export const faultedEdges = (edges: readonly Edge[], fault: Fault): Edge[] => {
  const faulted = edges.map((edge) => faultedEdge(edge, fault));
  if (fault.kind !== 'touching') return faulted;
  const [a, b] = fault.nodes;
  return [...faulted, { kind: 'wire', a, b, ohms: TOUCH_OHMS }];
};

/**
 * Relays of a network with a fault. A stuck contact ignores its coil and power; a coil with an open winding has volts
 * and never moves.
 */
export const faultedRelays = (relays: readonly Relay[], fault: Fault): readonly Relay[] => {
  switch (fault.kind) {
    case 'open':
      return relays.map((relay) => (relay.id === fault.edge ? { ...relay, pullInVolts: Infinity } : relay));
    case 'stuck': {
      const without = (ids: readonly string[]) => ids.filter((id) => id !== fault.contact);
      return relays.map((relay) => ({
        ...relay,
        opens: without(relay.opens),
        closes: without(relay.closes),
        powers: relay.powers?.filter(({ id }) => id !== fault.contact) ?? [],
      }));
    }
    case 'loose':
    case 'touching':
    case 'swapped':
      return relays;
  }
};

/** Whether a fault changes topology. */
export const movesEnds = ({ kind }: Fault): boolean => kind === 'swapped' || kind === 'touching';

/** Conductors of a harness with their names. */
const namedConductors = (harness: Harness) => {
  const label = new Map(harness.cables.map((cable) => [cable.id, cable.label.toLowerCase()]));
  return landedConductors(harness).map((conductor) => {
    const { cable, colour, from, to } = conductor;
    const name = `${colorName(colour, 'missing')} conductor of the ${label.get(cable) ?? 'cable'}, ${from.mark} to ${to.mark}`;
    return { conductor, name };
  });
};

/** Whether lifting and checking a cable at both ends reveals a fault: an open conductor, or two that touch. */
export const showsInCable = ({ fault }: NamedFault, cable: CableId): boolean =>
  (fault.kind === 'open' && fault.edge.startsWith(`${cable}/`)) ||
  (fault.kind === 'touching' && fault.wires[0].startsWith(`${cable}/`));

/**
 * Whether looking over and tugging a terminal strip reveals a fault: swapped neighbors, a missing jumper, a loose
 * screw.
 */
export const showsOnStrip = ({ code, fault }: NamedFault, device: DeviceId, harness: Harness): boolean => {
  switch (fault.kind) {
    case 'swapped':
      return code.endsWith(`@${device}`);
    case 'open':
      return harness.jumpers.some(({ id, from }) => id === fault.edge && from.device === device);
    case 'loose':
      return harness.conductors.some(({ id, from }) => id === fault.wire && from?.device === device);
    case 'touching':
    case 'stuck':
      return false;
  }
};

const openConductors = (harness: Harness): NamedFault[] =>
  namedConductors(harness).map(({ conductor: { id }, name }) => ({
    code: `open:${id}`,
    words: `${name}, broken or off`,
    fault: { kind: 'open', edge: id },
  }));

const looseConductors = (harness: Harness): NamedFault[] =>
  namedConductors(harness)
    .filter(({ conductor: { colour } }) => colour !== null)
    .map(({ conductor: { id }, name }) => ({
      code: `loose:${id}`,
      words: `${name}, loose or corroded at a screw`,
      fault: { kind: 'loose', wire: id },
    }));

/** Adjacent conductors in a cable that touch. */
const touchingConductors = (harness: Harness): NamedFault[] => {
  const label = new Map(harness.cables.map((cable) => [cable.id, cable.label.toLowerCase()]));
  return harness.cables.flatMap(({ id: cable }) => {
    const landed = landedConductors(harness).filter((each) => each.cable === cable && each.colour !== null);
    return landed.slice(1).map((other, at): NamedFault => {
      const one = landed[at]!;
      return {
        code: `short:${one.id}+${other.id}`,
        words: `${colorName(one.colour)} and ${colorName(other.colour)} touching in the ${label.get(cable)}, ${one.from.mark} and ${other.from.mark}`,
        fault: {
          kind: 'touching',
          wires: [one.id, other.id],
          nodes: [refText(one.from), refText(other.from)],
        },
      };
    });
  });
};

/** Adjacent conductors swapped at a terminal strip. */
const swaps = (harness: Harness): NamedFault[] =>
  harness.devices.flatMap(({ id: device, terminals }) => {
    const landed = landedConductors(harness).filter(({ colour }) => colour !== null);
    const at = (mark: string) =>
      landed.flatMap((conductor) =>
        [conductor.from, conductor.to].filter((end) => end.device === device && end.mark === mark).map(() => conductor),
      );
    return terminals.slice(1).flatMap(({ mark }, index): NamedFault[] => {
      const before = terminals[index]!.mark;
      return at(before).flatMap((one) =>
        at(mark)
          .filter((other) => other.cable === one.cable)
          .map((other) => ({
            code: `swap:${one.id}+${other.id}@${device}`,
            words: `${colorName(one.colour)} and ${colorName(other.colour)} swapped at the ${DEVICE_LABELS[device].toLowerCase()}, ${before} and ${mark}`,
            fault: {
              kind: 'swapped',
              wires: [one.id, other.id],
              ends: [refText({ device, mark: before }), refText({ device, mark })],
            },
          })),
      );
    });
  });

const missingJumpers = (harness: Harness): NamedFault[] =>
  harness.jumpers.map((jumper) => ({
    code: `open:${jumper.id}`,
    words: `${jumperWords(jumper)} missing at the ${DEVICE_LABELS[jumper.from.device].toLowerCase()}`,
    fault: { kind: 'open', edge: jumper.id },
  }));

const openCoils = (harness: Harness): NamedFault[] =>
  harness.devices.flatMap(({ id: device, coils }) =>
    coils.map(({ id, label }) => ({
      code: `open:${id}` as const,
      words: `${label}: coil open, ${DEVICE_LABELS[device as DeviceId].toLowerCase()}`,
      fault: { kind: 'open', edge: id },
    })),
  );

const stuckContacts = (harness: Harness): NamedFault[] =>
  harness.devices.flatMap(({ contacts }) =>
    contacts.flatMap(({ id, label }): NamedFault[] => [
      { code: `stuck-open:${id}`, words: `${label} not closing`, fault: { kind: 'stuck', contact: id, closed: false } },
      {
        code: `stuck-closed:${id}`,
        words: `${label} stuck closed`,
        fault: { kind: 'stuck', contact: id, closed: true },
      },
    ]),
  );

/**
 * Every single fault of a harness: each conductor open or loose, neighbors touching or swapped, each jumper missing,
 * each coil open, each contact stuck.
 */
export const faultsOf = (harness: Harness): NamedFault[] => [
  ...openConductors(harness),
  ...looseConductors(harness),
  ...touchingConductors(harness),
  ...missingJumpers(harness),
  ...swaps(harness),
  ...openCoils(harness),
  ...stuckContacts(harness),
];

/** A scenario's faults that the harness has; unknown codes are ignored. */
export const faultsByCode = (harness: Harness, codes: readonly FaultCode[]): NamedFault[] => {
  if (codes.length === 0) return [];
  const find = finders.get(harness) ?? faultFinder(harness);
  finders.set(harness, find);
  return find(codes);
};

/** Fault finder per harness, cached as long as the harness exists. */
const finders = new WeakMap<Harness, (codes: readonly FaultCode[]) => NamedFault[]>();

/** Finds faults of one harness by code, repeatedly. */
export const faultFinder = (harness: Harness): ((codes: readonly FaultCode[]) => NamedFault[]) => {
  const all = once(() => new Map(faultsOf(harness).map((named) => [named.code, named])));
  return (codes) => (codes.length === 0 ? [] : codes.flatMap((code) => all().get(code) ?? []));
};
