import { type Device, device } from '../device';

/** A float switch in the drain pan: opens when the pan fills. */
export const floatSwitch: Device = device('float-switch', 'indoors', {
  terminals: [
    { mark: '1', carries: 'float switch, in' },
    { mark: '2', carries: 'float switch, out' },
  ],
  contacts: [
    {
      id: 'float switch',
      label: 'Float switch',
      from: '1',
      to: '2',
      movedBy: 'pan-full',
      rests: 'closed',
      openWhy: 'The drain pan is full: the float has opened.',
    },
  ],
});
