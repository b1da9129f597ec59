import type { Edge } from '../circuit/network';
import { DEVICE_LABELS, type DeviceId } from '../devices/device';
import { type Harness, landedConductors } from './harness';
import type { Wired } from './to-network';

/**
 * One thing wrong in a network: an edge gone, a contact that stays where it is, or two conductors that changed places.
 */
export type Fault =
  | { readonly kind: 'open'; readonly edge: string }
  | { readonly kind: 'stuck'; readonly contact: string; readonly closed: boolean }
  | { readonly kind: 'swapped'; readonly edges: readonly [string, string]; readonly ends: readonly [string, string] };

/** A fault with an address and words. */
export interface NamedFault {
  readonly id: string;
  readonly words: string;
  readonly fault: Fault;
}

const moveEnd = (edge: Edge, from: string, to: string): Edge =>
  edge.a === from ? { ...edge, a: to } : edge.b === from ? { ...edge, b: to } : edge;

/** A network with a fault in it; a contact that is stuck no longer follows its coil. */
export const faulted = (wired: Wired, fault: Fault | null): Wired => {
  if (fault === null) return wired;
  const { network, relays } = wired;
  const withEdges = (edges: readonly Edge[]): Wired => ({ network: { ...network, edges }, relays });
  switch (fault.kind) {
    case 'open':
      return {
        network: { ...network, edges: network.edges.filter(({ id }) => id !== fault.edge) },
        relays: relays.filter(({ id }) => id !== fault.edge),
      };
    case 'stuck': {
      const edges = network.edges.map((edge): Edge =>
        edge.kind === 'switch' && edge.id === fault.contact ? { ...edge, closed: fault.closed } : edge,
      );
      const without = (ids: readonly string[]) => ids.filter((id) => id !== fault.contact);
      return {
        network: { ...network, edges },
        relays: relays.map((relay) => ({ ...relay, opens: without(relay.opens), closes: without(relay.closes) })),
      };
    }
    case 'swapped': {
      const [one, other] = fault.edges;
      const [atOne, atOther] = fault.ends;
      return withEdges(
        network.edges.map((edge) =>
          edge.id === one ? moveEnd(edge, atOne, atOther) : edge.id === other ? moveEnd(edge, atOther, atOne) : edge,
        ),
      );
    }
  }
};

const openConductors = (harness: Harness): NamedFault[] => {
  const label = new Map(harness.cables.map((cable) => [cable.id, cable.label.toLowerCase()]));
  return landedConductors(harness).map(({ id, cable, colour, from, to }) => ({
    id: `open:${id}`,
    words: `${colour ?? 'missing'} conductor of the ${label.get(cable) ?? 'cable'}, ${from.mark} to ${to.mark}, broken or off`,
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
            id: `swap:${one.id}+${other.id}@${device}`,
            words: `${one.colour} and ${other.colour} exchanged at the ${DEVICE_LABELS[device].toLowerCase()}, ${before} and ${mark}`,
            fault: { kind: 'swapped', edges: [one.id, other.id], ends: [`${device}.${before}`, `${device}.${mark}`] },
          })),
      );
    });
  });

const missingJumpers = (harness: Harness): NamedFault[] =>
  harness.jumpers.map(({ id, from }) => ({
    id: `open:${id}`,
    words: `${id} missing at the ${DEVICE_LABELS[from.device].toLowerCase()}`,
    fault: { kind: 'open', edge: id },
  }));

const openCoils = (harness: Harness): NamedFault[] =>
  harness.devices.flatMap(({ id: device, coils }) =>
    coils.map(({ id, label }) => ({
      id: `open:${id}`,
      words: `${label}: coil open, ${DEVICE_LABELS[device as DeviceId].toLowerCase()}`,
      fault: { kind: 'open', edge: id },
    })),
  );

const stuckContacts = (harness: Harness): NamedFault[] =>
  harness.devices.flatMap(({ contacts }) =>
    contacts.flatMap(({ id, label }): NamedFault[] => [
      { id: `stuck-open:${id}`, words: `${label} not closing`, fault: { kind: 'stuck', contact: id, closed: false } },
      { id: `stuck-closed:${id}`, words: `${label} stuck closed`, fault: { kind: 'stuck', contact: id, closed: true } },
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

/** The fault of an address, if the harness has it. */
export const faultById = (harness: Harness, id: string | null): NamedFault | undefined =>
  id === null ? undefined : faultsOf(harness).find((each) => each.id === id);
