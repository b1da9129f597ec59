import type { Edge, Network, Source } from '../circuit/network';
import type { Relay } from '../circuit/settle';
import type { Signal } from '../control/signal';
import { type Contact, type Device, nodeOf } from '../devices/device';
import { CONTROL_NOMINAL_VOLTS } from '../units/constants';
import { conductorOhms } from '../units/copper';
import { type Cable, type Harness, landedConductors, refText } from './harness';

/** Volts at which a 24 V coil pulls in, and below which it lets go. */
export const PULL_IN_VOLTS = 18;
export const DROP_OUT_VOLTS = 12;

/** Resistance of a jumper at a terminal strip, Ω. */
const JUMPER_OHMS = 0.005;

/** Whether a contact is closed, as the signals put it; one moved by a coil stands at rest. */
const isClosed = ({ movedBy, rests }: Contact, signals: ReadonlySet<Signal>): boolean =>
  (typeof movedBy === 'string' && signals.has(movedBy)) !== (rests === 'closed');

const deviceEdges = (device: Device, signals: ReadonlySet<Signal>, outdoorF: number): Edge[] => [
  ...device.contacts.map((contact): Edge => ({
    kind: 'switch',
    id: contact.id,
    a: nodeOf(device.id, contact.from),
    b: nodeOf(device.id, contact.to),
    closed: isClosed(contact, signals),
  })),
  ...device.coils.map((coil): Edge => ({
    kind: 'load',
    id: coil.id,
    a: nodeOf(device.id, coil.from),
    b: nodeOf(device.id, coil.to),
    ohms: CONTROL_NOMINAL_VOLTS ** 2 / coil.va,
  })),
  ...device.resistors.map((resistor): Edge => ({
    kind: 'load',
    id: resistor.id,
    a: nodeOf(device.id, resistor.from),
    b: nodeOf(device.id, resistor.to),
    ohms: resistor.ohmsAt(outdoorF),
  })),
];

const cableOhms = ({ gauge, lengthFt }: Cable) => conductorOhms(gauge, lengthFt);

const sourcesIn = (harness: Harness): Source[] =>
  harness.devices.flatMap(({ id, transformers }) =>
    transformers.map(({ plus, minus, openCircuitVolts, ohms }) => ({
      volts: openCircuitVolts,
      ohms,
      plus: nodeOf(id, plus),
      minus: nodeOf(id, minus),
    })),
  );

const relaysIn = (harness: Harness): Relay[] => {
  const contacts = harness.devices.flatMap((device) => device.contacts);
  const movedBy = (coil: string, rests: Contact['rests']) =>
    contacts
      .filter(
        (contact) => typeof contact.movedBy === 'object' && contact.movedBy.coil === coil && contact.rests === rests,
      )
      .map(({ id }) => id);
  return harness.devices.flatMap((device) =>
    device.coils.map((coil): Relay => ({
      id: coil.id,
      a: nodeOf(device.id, coil.from),
      b: nodeOf(device.id, coil.to),
      pullInVolts: PULL_IN_VOLTS,
      dropOutVolts: DROP_OUT_VOLTS,
      opens: movedBy(coil.id, 'closed'),
      closes: movedBy(coil.id, 'open'),
    })),
  );
};

/** A network to be settled: edges, and the coils that move contacts in it. */
export interface Wired {
  readonly network: Network;
  readonly relays: readonly Relay[];
}

/**
 * The resistive network of a harness with the contacts where the signals put them, and the relays that its coils are.
 * A conductor without a colour, or with a loose end, is not there.
 * @param outdoorF what a sensor outdoors feels, °F
 */
export const toNetwork = (harness: Harness, signals: ReadonlySet<Signal>, outdoorF: number): Wired => {
  const [source, ...others] = sourcesIn(harness);
  if (!source) throw new Error('Every harness has an indoor unit, and with it a transformer.');
  const ohmsOf = new Map(harness.cables.map((cable) => [cable.id, cableOhms(cable)]));
  const edges: Edge[] = [
    ...landedConductors(harness)
      .filter(({ colour }) => colour !== null)
      .map((conductor): Edge => ({
        kind: 'wire',
        id: conductor.id,
        a: refText(conductor.from),
        b: refText(conductor.to),
        ohms: ohmsOf.get(conductor.cable) ?? JUMPER_OHMS,
      })),
    ...harness.jumpers.map((jumper): Edge => ({
      kind: 'wire',
      id: jumper.id,
      a: refText(jumper.from),
      b: refText(jumper.to),
      ohms: JUMPER_OHMS,
    })),
    ...harness.devices.flatMap((device) => deviceEdges(device, signals, outdoorF)),
  ];
  return { network: { source, others, edges }, relays: relaysIn(harness) };
};
