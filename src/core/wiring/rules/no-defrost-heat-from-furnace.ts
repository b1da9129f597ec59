import { backupOf } from '../../job/backup';
import type { Found } from '../../job/finding';
import { landedConductors } from '../harness';
import type { WiringRule } from './subject';

/** Without an interlock it is a choice, and both sides are stated. */
const ASKED: Pick<Found, 'severity' | 'what' | 'fix'> = {
  severity: 'advice',
  what: 'The furnace warms the air in defrost: W-out is landed, and nothing interlocks the two.',
  fix: 'Some temper the air, because the coil is cold and many diagrams show it that way. Others accept a few cold minutes. Either way the thermostat’s backup must be set to fossil. See both ways below.',
};

const FORBIDDEN: Pick<Found, 'severity' | 'what' | 'fix'> = {
  severity: 'error',
  what: 'W-out of the outdoor board is landed, and an interlock is between compressor and furnace.',
  fix: 'Remove and cap it: in defrost the furnace call would stop the compressor mid-defrost. Some manufacturers temper defrost with the furnace on a circuit of their own: leave it landed only if the unit’s manual lands it there.',
};

export const noDefrostHeatFromFurnace: WiringRule = {
  id: 'no-defrost-heat-from-furnace',
  why: 'An interlock that sees the furnace called in defrost stops the compressor in the middle of it.',
  check: ({ facts, harness }) => {
    if (backupOf(facts) !== 'fossil') return [];
    const isChoice = facts.furnace.interlock === 'none';
    return landedConductors(harness)
      .filter(({ from, to }) => [from, to].some(({ device, mark }) => device === 'outdoor-unit' && mark === 'W-out'))
      .map(({ id }): Found => ({ ...(isChoice ? ASKED : FORBIDDEN), page: 'wiring', at: id }));
  },
};
