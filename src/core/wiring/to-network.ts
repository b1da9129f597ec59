import type { Edge, Network } from '../circuit/network';
import type { Relay } from '../circuit/settle';
import type { Signal } from '../control/thermostat';
import { type Device, nodeOf } from '../devices/device';
import { CONTROL_NOMINAL_VOLTS } from '../units/constants';
import { conductorOhms } from '../units/copper';
import { type Cable, type Harness, refText } from './harness';

/** Volts at which a 24 V coil pulls in, and below which it lets go. */
export const PULL_IN_VOLTS = 18;
export const DROP_OUT_VOLTS = 12;

/** Resistance of a jumper at a terminal strip, Ω. */
const JUMPER_OHMS = 0.005;

const deviceEdges = (device: Device, signals: ReadonlySet<Signal>): Edge[] => [
  ...device.contacts.map((contact): Edge => {
    const isMoved = signals.has(contact.movedBy);
    return {
      kind: 'switch',
      id: contact.id,
      a: nodeOf(device.id, contact.from),
      b: nodeOf(device.id, contact.to),
      closed: contact.rests === 'open' ? isMoved : !isMoved,
    };
  }),
  ...device.coils.map((coil): Edge => ({
    kind: 'load',
    id: coil.id,
    a: nodeOf(device.id, coil.from),
    b: nodeOf(device.id, coil.to),
    ohms: CONTROL_NOMINAL_VOLTS ** 2 / coil.va,
  })),
];

const cableOhms = ({ gauge, lengthFt }: Cable) => conductorOhms(gauge, lengthFt);

/**
 * The resistive network of a harness with the contacts where the signals put them, and the relays that its coils are.
 * A conductor without a colour is not there: it is left open.
 * @returns null where no device brings a transformer
 */
export const toNetwork = (harness: Harness, signals: ReadonlySet<Signal>): { readonly network: Network; readonly relays: readonly Relay[] } | null => {
  const powered = harness.devices.find(({ transformer }) => transformer !== undefined);
  if (!powered?.transformer) return null;
  const { plus, minus, openCircuitVolts, ohms } = powered.transformer;
  const ohmsOf = new Map(harness.cables.map((cable) => [cable.id, cableOhms(cable)]));
  const edges: Edge[] = [
    ...harness.conductors
      .filter(({ colour }) => colour !== null)
      .map((conductor): Edge => ({ kind: 'wire', id: conductor.id, a: refText(conductor.from), b: refText(conductor.to), ohms: ohmsOf.get(conductor.cable)! })),
    ...harness.jumpers.map((jumper): Edge => ({ kind: 'wire', id: jumper.id, a: refText(jumper.from), b: refText(jumper.to), ohms: JUMPER_OHMS })),
    ...harness.devices.flatMap((device) => deviceEdges(device, signals)),
  ];
  const relays = harness.devices.flatMap((device) =>
    device.coils.map((coil): Relay => ({
      id: coil.id,
      a: nodeOf(device.id, coil.from),
      b: nodeOf(device.id, coil.to),
      pullInVolts: PULL_IN_VOLTS,
      dropOutVolts: DROP_OUT_VOLTS,
      opens: [],
      closes: [],
    })),
  );
  return { network: { source: { volts: openCircuitVolts, ohms, plus: nodeOf(powered.id, plus), minus: nodeOf(powered.id, minus) }, edges }, relays };
};
