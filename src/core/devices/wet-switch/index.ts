import { seriesSwitch } from '../board/series-switch';

/** A humidifier’s leak sensor in R: water stops everything. */
export const wetSwitch = seriesSwitch('wet-switch', {
  id: 'wet switch',
  label: 'Wet switch',
  movedBy: 'floor-wet',
  safety: 'float',
  openWhy: 'There is water under the humidifier: the wet switch has opened.',
});
