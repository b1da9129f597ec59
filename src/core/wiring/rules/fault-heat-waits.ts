import { CALLS } from '../../control/moment';
import { backupOf } from '../../job/backup';
import { kitRows } from '../../job/kit-rows';
import type { WiringRule } from './subject';

/** Calls in which heat is not wanted. */
const NO_HEAT = ['off', 'fan', 'cool-1', 'cool-2'] as const;

export const faultHeatWaits: WiringRule = {
  id: 'fault-heat-waits',
  why: 'A board that turns on heat on a fault without waiting for a call will heat a house that is off, or cooling.',
  check: ({ facts, during, cold }) => {
    if (facts.outdoorUnit.faultOutput !== 'heat' || facts.outdoorUnit.faultHeat !== 'always') return [];
    const states = during('board-lockout');
    const heats = (call: (typeof NO_HEAT)[number]) => {
      const [now, before] = [states.get(call), cold.get(call)];
      return (
        now !== undefined &&
        [...now.energized].some((coil) => /^(heat bank|furnace heat)/.test(coil) && !before!.energized.has(coil))
      );
    };
    const calls = NO_HEAT.filter(heats);
    if (calls.length === 0) return [];
    const what = backupOf(facts) === 'strips' && kitRows(facts).length > 0 ? 'strips' : 'furnace';
    return [
      {
        severity: 'warning',
        what: `On a fault the outdoor board turns on the ${what} no matter what is called: ${calls.map((call) => CALLS[call].short.toLowerCase()).join(', ')}.`,
        fix: 'Lift its output and rely on emergency heat, or use a board that waits for a heat call.',
        page: 'wiring',
        fact: 'outdoorUnit.faultHeat',
      },
    ];
  },
};
