import { landedConductors } from '../harness';
import type { WiringRule } from './subject';

export const noDefrostHeatFromFurnace: WiringRule = {
  id: 'no-defrost-heat-from-furnace',
  why: 'W-out calling an interlocked furnace stops the compressor in mid-defrost; without the interlock both run together.',
  check: ({ facts, harness }) =>
    facts.system.backup !== 'furnace'
      ? []
      : landedConductors(harness)
          .filter(({ from, to }) =>
            [from, to].some(({ device, mark }) => device === 'outdoor-unit' && mark === 'W-out'),
          )
          .map(({ id, colour }) => ({
            severity: 'error',
            what: `W-out of the outdoor board is landed (${colour ?? 'a conductor'}), and the backup is a furnace.`,
            mend: 'Take it off, and cap it.',
            page: 'wiring',
            at: id,
          })),
};
