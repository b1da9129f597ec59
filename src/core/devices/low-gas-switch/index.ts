import { seriesSwitch } from '../board/series-switch';

/** A switch that opens on low gas pressure, in the furnace's pressure-switch circuit. */
export const lowGasSwitch = seriesSwitch('low-gas-switch', {
  id: 'low-gas switch',
  label: 'Low-gas-pressure switch',
  movedBy: 'tank-empty',
  safety: 'low-gas',
  openWhy: 'Gas pressure is low: the tank is empty or its valve is closed.',
});
