import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';

/** Whether heat starts the blower by itself: a furnace board does, a kit through its interlock. */
const heatStartsBlower = (facts: Facts): boolean =>
  backupOf(facts) === 'fossil' ? facts.furnace.burnerControl === 'board' : facts.heatKit.hasInterlock;

export const yBringsBlowerNeedsHeat: Rule<Facts> = {
  id: 'y-brings-blower',
  why: 'With G unused, strips called without the compressor have no air unless they start the blower themselves.',
  check: (facts) => {
    if (!facts.boxes.yBringsBlower) return [];
    const hasHeat = backupOf(facts) === 'fossil' || kitRows(facts).length > 0;
    const fix = {
      page: 'wiring',
      fact: 'boxes.yBringsBlower',
      fixBy: [{ path: 'boxes.yBringsBlower', value: false }],
    } as const;
    if (facts.boxes.relayPair || facts.boxes.zoneBoard)
      return [
        {
          ...fix,
          severity: 'error',
          what: 'Y and G are joined at the air handler, and an add-a-wire kit or a zone board carries them too.',
          fix: 'One of the two: leave the join out.',
        },
      ];
    return hasHeat && !heatStartsBlower(facts)
      ? [
          {
            ...fix,
            severity: 'error',
            what: 'Y and G are joined at the air handler, and heat does not start the blower by itself.',
            fix: 'Give G its own conductor. Never run strips without air.',
          },
        ]
      : [];
  },
};
