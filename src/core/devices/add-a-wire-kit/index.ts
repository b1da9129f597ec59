import { type Coil, type Contact, type Device, device } from '../device';

/** Load of each half for a call, VA. Our judgment. */
const CALL_VA = 1;
/** Resistance between the shared conductor and common in the board half, Ω. Our judgment. */
const LINK_OHMS = 1;

const CALLS = ['1', '2'] as const;

const coil = (call: (typeof CALLS)[number]): Coil => ({
  id: `relay pair ${call}`,
  label: `Relay pair, call ${call}`,
  from: call,
  to: 'P',
  va: CALL_VA,
  source: 'control',
  does: `Sends the ${call} call over the shared conductor.`,
});

const contact = (call: (typeof CALLS)[number]): Contact => ({
  id: `relay pair, out ${call}`,
  label: `Relay pair, R to ${call}`,
  from: 'R',
  to: call,
  movedBy: { coil: `relay pair ${call}` },
  rests: 'open',
  openWhy: `Call ${call} does not come over the relay pair.`,
});

/** The half at the thermostat: two calls in, one conductor out. */
export const addAWireKitAtThermostat: Device = device('relay-pair-wall', 'wall', {
  terminals: [
    ...CALLS.map((mark) => ({ mark, carries: `call ${mark}, in` })),
    { mark: 'P', carries: 'both calls on one conductor' },
  ],
  coils: CALLS.map(coil),
});

/** The half at the board: one conductor in, two calls out, powered from the board’s own R. */
export const addAWireKitAtBoard: Device = device('relay-pair-board', 'indoors', {
  terminals: [
    { mark: 'P', carries: 'both calls on one conductor' },
    { mark: 'R', carries: 'hot side' },
    { mark: 'C', carries: 'common side' },
    ...CALLS.map((mark) => ({ mark, carries: `call ${mark}, out` })),
  ],
  contacts: CALLS.map(contact),
  resistors: [
    { id: 'relay pair link', label: 'Relay pair, link to common', from: 'P', to: 'C', ohmsAt: () => LINK_OHMS },
  ],
});
