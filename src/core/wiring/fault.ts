import type { Edge } from '../circuit/network';
import type { Relay } from '../circuit/settle';
import type { FaultCode } from '../control/scenario';
import { DEVICE_LABELS, type DeviceId } from '../devices/device';
import type { CoilId, ContactId } from '../devices/ids';
import { once } from '../units/once';
import {
  colourName,
  type Harness,
  type JumperId,
  jumperWords,
  landedConductors,
  refText,
  type WireId,
} from './harness';

/** One thing wrong in the wires: something open, a contact that stays where it is, two conductors exchanged. */
export type Fault =
  | { readonly kind: 'open'; readonly edge: WireId | JumperId | CoilId }
  | { readonly kind: 'stuck'; readonly contact: ContactId; readonly closed: boolean }
  | { readonly kind: 'swapped'; readonly wires: readonly [WireId, WireId]; readonly ends: readonly [string, string] };

/** A fault with its code and words. */
export interface NamedFault {
  readonly code: FaultCode;
  readonly words: string;
  readonly fault: Fault;
}

const moveEnd = (edge: Edge, from: string, to: string): Edge =>
  edge.a === from ? { ...edge, a: to } : edge.b === from ? { ...edge, b: to } : edge;

/** Something that is not there keeps its place in the network, open: so all of these have one shape. */
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

/** The edges of a network with a fault in it. */
export const faultedEdges = (edges: readonly Edge[], fault: Fault): Edge[] =>
  edges.map((edge) => faultedEdge(edge, fault));

/**
 * The relays of a network with a fault in it. A contact that is stuck no longer follows its coil or its power; a coil
 * with an open winding has its volts and never moves.
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
    case 'swapped':
      return relays;
  }
};

/** Whether a fault moves ends about: then the network has another shape than without it. */
export const movesEnds = ({ kind }: Fault): boolean => kind === 'swapped';

const openConductors = (harness: Harness): NamedFault[] => {
  const label = new Map(harness.cables.map((cable) => [cable.id, cable.label.toLowerCase()]));
  return landedConductors(harness).map(({ id, cable, colour, from, to }) => ({
    code: `open:${id}`,
    words: `${colourName(colour, 'missing')} conductor of the ${label.get(cable) ?? 'cable'}, ${from.mark} to ${to.mark}, broken or off`,
    fault: { kind: 'open', edge: id },
  }));
};

/** Conductors that stand beside each other on a strip, exchanged at that strip. */
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
            words: `${colourName(one.colour)} and ${colourName(other.colour)} exchanged at the ${DEVICE_LABELS[device].toLowerCase()}, ${before} and ${mark}`,
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
 * Every single fault of a harness: each conductor open, neighbours swapped, each jumper missing, each coil open, each
 * contact stuck.
 */
export const faultsOf = (harness: Harness): NamedFault[] => [
  ...openConductors(harness),
  ...missingJumpers(harness),
  ...swaps(harness),
  ...openCoils(harness),
  ...stuckContacts(harness),
];

/** The faults of a scenario that the harness has; a code that it has not is passed over. */
export const faultsByCode = (harness: Harness, codes: readonly FaultCode[]): NamedFault[] =>
  codes.length === 0 ? [] : faultFinder(harness)(codes);

/** Finds faults of one harness by their codes, again and again. */
export const faultFinder = (harness: Harness): ((codes: readonly FaultCode[]) => NamedFault[]) => {
  const all = once(() => new Map(faultsOf(harness).map((named) => [named.code, named])));
  return (codes) => (codes.length === 0 ? [] : codes.flatMap((code) => all().get(code) ?? []));
};
