import { backupOf } from '../../job/backup';
import type { Found } from '../../job/finding';
import { landedConductors } from '../harness';
import type { WiringRule } from './subject';

/** With nothing between the two it is a choice, and both of its sides are said. */
const ASKED: Pick<Found, 'severity' | 'what' | 'mend'> = {
  severity: 'advice',
  what: 'The furnace warms the air in defrost: W-out is landed, and nothing interlocks the two.',
  mend: 'Some temper: the coil is cold then, and many diagrams show it so. Others take the few cold minutes. The thermostat’s backup must be set to fossil all the same. See both ways below.',
};

const FORBIDDEN: Pick<Found, 'severity' | 'what' | 'mend'> = {
  severity: 'error',
  what: 'W-out of the outdoor board is landed, and an interlock stands between compressor and furnace.',
  mend: 'Take it off and cap it: in defrost the furnace call would stop the compressor halfway. Some manufacturers temper defrost with the furnace by a circuit of their own: only where the unit’s own manual lands it there does it stay.',
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
