import { type Coil, type Contact, type Device, device, type DeviceId } from '../device';

/** An added load that runs with the blower: its coil between G and C, through its own contact if it has one. */
export const withBlower = (
  deviceId: DeviceId,
  coil: Pick<Coil, 'id' | 'label' | 'va' | 'does'>,
  contact?: Omit<Contact, 'from' | 'to'>,
): Device =>
  device(deviceId, 'indoors', {
    terminals: [
      { mark: 'G', carries: `${coil.label.toLowerCase()}, with the blower` },
      { mark: 'C', carries: 'common side' },
    ],
    coils: [{ ...coil, from: contact ? 'load' : 'G', to: 'C', source: 'control' }],
    contacts: contact ? [{ ...contact, from: 'G', to: 'load' }] : [],
  });
