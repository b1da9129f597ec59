import type { Edge, Network, Source } from '../circuit/network';
import type { Relay } from '../circuit/settle';
import type { Signal } from '../control/signal';
import { type Contact, type Device, nodeOf } from '../devices/device';
import type { CoilId } from '../devices/ids';
import { CONTROL_NOMINAL_VOLTS } from '../units/constants';
import { DROP_OUT_VOLTS, PULL_IN_VOLTS } from '../units/control-volts';
import { conductorOhms } from '../units/copper';
import { type Cable, type Harness, type LandedConductor, landedConductors, refText } from './harness';

/** Resistance of a jumper at a terminal strip, Ω. Our judgment: an inch of wire and two screws. */
const JUMPER_OHMS = 0.005;

/** Whether signals close a contact; a contact moved by a coil is at rest. */
const isClosed = ({ movedBy, rests }: Contact, signals: ReadonlySet<Signal>): boolean =>
  (typeof movedBy === 'string' && signals.has(movedBy)) !== (rests === 'closed');

/** An edge of a harness under signals: constant, a contact in both states, or driven by weather. */
type Part =
  | { readonly kind: 'fixed'; readonly edge: Edge }
  | { readonly kind: 'contact'; readonly contact: Contact; readonly open: Edge; readonly closed: Edge }
  | { readonly kind: 'weather'; readonly at: (outdoorF: number) => Edge };

const contactPart = (device: Device, contact: Contact): Part => {
  const ends = { id: contact.id, a: nodeOf(device.id, contact.from), b: nodeOf(device.id, contact.to) };
  return {
    kind: 'contact',
    contact,
    open: { kind: 'switch', ...ends, closed: false },
    closed: { kind: 'switch', ...ends, closed: true },
  };
};

const deviceParts = (device: Device): Part[] => {
  const ends = ({ id, from, to }: { readonly id: string; readonly from: string; readonly to: string }) => ({
    id,
    a: nodeOf(device.id, from),
    b: nodeOf(device.id, to),
  });
  return [
    ...device.factoryLeads.map((lead): Part => ({
      kind: 'fixed',
      edge: { kind: 'wire', ...ends(lead), ohms: JUMPER_OHMS },
    })),
    ...device.contacts.map((contact) => contactPart(device, contact)),
    ...device.coils.map((coil): Part => ({
      kind: 'fixed',
      edge: { kind: 'load', ...ends(coil), ohms: coilOhms(coil.va) },
    })),
    ...device.resistors.map((resistor): Part => ({
      kind: 'weather',
      at: (outdoorF) => ({ kind: 'load', ...ends(resistor), ohms: resistor.ohmsAt(outdoorF) }),
    })),
  ];
};

const cableOhms = ({ gauge, lengthFt }: Cable) => conductorOhms(gauge, lengthFt);

/** @param supplyShare line volts relative to the transformer's tap */
const sourcesIn = (harness: Harness, supplyShare: number): Source[] =>
  harness.devices.flatMap(({ id, transformers }) =>
    transformers.map(({ plus, minus, openCircuitVolts, ohms }) => ({
      volts: openCircuitVolts * supplyShare,
      ohms,
      plus: nodeOf(id, plus),
      minus: nodeOf(id, minus),
    })),
  );

/** Resistance of a coil's load, Ω. */
const coilOhms = (va: number) => CONTROL_NOMINAL_VOLTS ** 2 / va;

/** Contacts by the coil that moves them. */
const contactsByCoil = (harness: Harness) => {
  const moved = new Map<CoilId, { opens: string[]; closes: string[]; powers: { id: string; closed: boolean }[] }>();
  const of = (coil: CoilId) => {
    const known = moved.get(coil) ?? { opens: [], closes: [], powers: [] };
    moved.set(coil, known);
    return known;
  };
  for (const { contacts } of harness.devices)
    for (const { id, movedBy, rests, poweredBy, unpowered } of contacts) {
      if (typeof movedBy === 'object') of(movedBy.coil)[rests === 'closed' ? 'opens' : 'closes'].push(id);
      if (poweredBy) of(poweredBy).powers.push({ id, closed: (unpowered ?? rests) === 'closed' });
    }
  return of;
};

const relaysIn = (harness: Harness): Relay[] => {
  const contactsOf = contactsByCoil(harness);
  return harness.devices.flatMap((device) =>
    device.coils.map((coil): Relay => ({
      id: coil.id,
      a: nodeOf(device.id, coil.from),
      b: nodeOf(device.id, coil.to),
      pullInVolts: PULL_IN_VOLTS,
      dropOutVolts: DROP_OUT_VOLTS,
      ...(coil.inrushVA === undefined ? {} : { inrushOhms: coilOhms(coil.inrushVA) }),
      ...contactsOf(coil.id),
    })),
  );
};

/** A network to settle: edges, and the coils that move its contacts. */
export interface Wired {
  readonly network: Network;
  readonly relays: readonly Relay[];
}

const wireParts = (harness: Harness): Part[] => {
  const ohmsOf = new Map(harness.cables.map((cable) => [cable.id, cableOhms(cable)]));
  const wire = ({ id, from, to }: Pick<LandedConductor, 'from' | 'to'> & { id: string }, ohms: number): Part => ({
    kind: 'fixed',
    edge: { kind: 'wire', id, a: refText(from), b: refText(to), ohms },
  });
  return [
    ...landedConductors(harness)
      .filter(({ colour }) => colour !== null)
      .map((conductor) => wire(conductor, ohmsOf.get(conductor.cable) ?? JUMPER_OHMS)),
    ...harness.jumpers.map((jumper) => wire(jumper, JUMPER_OHMS)),
  ];
};

/**
 * The resistive network of a harness with contacts set by signals, and its coils as relays. A conductor without a
 * color, or with an unlanded end, is left out.
 * @param supplyShare line volts relative to the transformer's tap
 * @returns for signals and the sensor's outdoor temperature, °F; every answer has its edges in one order, and one list
 *   of relays
 */
export const networksOf = (
  harness: Harness,
  supplyShare = 1,
): ((signals: ReadonlySet<Signal>, outdoorF: number) => Wired) => {
  const [source, ...others] = sourcesIn(harness, supplyShare);
  if (!source) throw new Error('Every harness has an indoor unit, and with it a transformer.');
  const parts = [...wireParts(harness), ...harness.devices.flatMap(deviceParts)];
  const relays = relaysIn(harness);
  return (signals, outdoorF) => {
    const edges = parts.map((part) => {
      switch (part.kind) {
        case 'fixed':
          return part.edge;
        case 'contact':
          return isClosed(part.contact, signals) ? part.closed : part.open;
        case 'weather':
          return part.at(outdoorF);
      }
    });
    return { network: { source, others, edges }, relays };
  };
};
