import { type Device, device } from '../device';

/** A switch that opens on low gas pressure, in the furnace's pressure-switch circuit. */
export const lowGasSwitch: Device = device('low-gas-switch', 'indoors', {
  terminals: [
    { mark: '1', carries: 'low-gas switch, in' },
    { mark: '2', carries: 'low-gas switch, out' },
  ],
  contacts: [
    {
      id: 'low-gas switch',
      label: 'Low-gas-pressure switch',
      from: '1',
      to: '2',
      movedBy: 'tank-empty',
      rests: 'closed',
      openWhy: 'The gas pressure is low: the tank is empty or shut.',
    },
  ],
});
