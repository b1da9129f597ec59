import { seriesSwitch } from '../board/series-switch';

/** Opens the blower board's input for damp air: the board slows the blower while it cools. */
export const dehumidistat = seriesSwitch('dehumidistat', {
  id: 'dehumidistat',
  label: 'Dehumidistat',
  movedBy: 'indoor-damp',
  openWhy: 'Indoor humidity is high: the dehumidistat has opened.',
});
