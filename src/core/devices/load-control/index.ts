import { seriesSwitch } from '../board/series-switch';

/** The utility’s relay: opens to shed load. */
export const loadControl = seriesSwitch('load-control', {
  id: 'load-control relay',
  label: 'Load-control relay',
  movedBy: 'utility-shed',
  openWhy: 'Utility load control is active: its relay is open.',
});
