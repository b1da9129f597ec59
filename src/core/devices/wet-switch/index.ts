import { seriesSwitch } from '../board/series-switch';

/** A humidifier’s wet switch that is in R: water under it stops everything. */
export const wetSwitch = seriesSwitch('wet-switch', {
  id: 'wet switch',
  label: 'Wet switch',
  movedBy: 'floor-wet',
  safety: 'float',
  openWhy: 'There is water under the humidifier: the wet switch has opened.',
});
