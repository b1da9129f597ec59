import { seriesSwitch } from '../board/series-switch';

/** Opens the blower board's humid-air input: the board slows the blower in cooling. */
export const dehumidistat = seriesSwitch('dehumidistat', {
  id: 'dehumidistat',
  label: 'Dehumidistat',
  movedBy: 'indoor-damp',
  openWhy: 'Indoor humidity is high: the dehumidistat has opened.',
});
