import { seriesSwitch } from '../board/series-switch';

/** A float switch in the drain pan: opens when the pan is full. */
export const floatSwitch = seriesSwitch('float-switch', {
  id: 'float switch',
  label: 'Float switch',
  movedBy: 'pan-full',
  safety: 'float',
  openWhy: 'The drain pan is full: the float switch has opened.',
});
