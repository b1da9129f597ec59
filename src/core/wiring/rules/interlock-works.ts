import { COMPRESSOR_COIL, FURNACE_COIL, SECOND_STAGE_COIL } from '../../devices/ids';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Found } from '../../job/finding';
import { coldMoment, type WiringRule, type WiringSubject } from './subject';

const ABOUT = { page: 'wiring', fact: 'furnace.interlock' } as const;
const LOOK = 'Check its W and C first, then Y. No wire or jumper may carry Y around it.';

/** A thermostat that calls compressor and furnace together: the interlock must handle it. */
const callsBoth = (facts: Facts): Facts => ({
  ...facts,
  thermostat: { ...facts.thermostat, backupSetting: 'electric' },
});

const withBoth = ({ facts, bench }: WiringSubject) => bench.at(callsBoth(facts), coldMoment('heat-aux'));

export const interlockWorks: WiringRule = {
  id: 'interlock-works',
  why: 'You find out an interlock does nothing on the day the thermostat calls both.',
  check: (subject) => {
    const { facts, during } = subject;
    const { interlock } = facts.furnace;
    if (backupOf(facts) !== 'fossil' || interlock === 'none') return [];
    const { energized, fuseOpenedAtAmps } = withBoth(subject);
    const found: Found[] = [];
    if (energized.has(COMPRESSOR_COIL) && energized.has(FURNACE_COIL) && fuseOpenedAtAmps === null)
      found.push({
        ...ABOUT,
        severity: 'error',
        what: 'The interlock does nothing: with Y and W both called, the compressor runs with the furnace.',
        fix: LOOK,
        aspect: 'both called',
      });
    if (interlock === 'kit' && during('supply-air-hot').get('heat-1')!.energized.has(COMPRESSOR_COIL))
      found.push({
        ...ABOUT,
        severity: 'error',
        what: 'The interlock does nothing: with hot air still at the coil, the compressor starts.',
        fix: LOOK,
        aspect: 'hot air',
      });
    // In a packaged unit the manufacturer keeps the two apart, second stage included.
    if (facts.system.cabinet !== 'packaged' && energized.has(SECOND_STAGE_COIL) && !energized.has(COMPRESSOR_COIL))
      found.push({
        ...ABOUT,
        severity: 'advice',
        what: 'Y2 bypasses the interlock: with both called, the second-stage coil stays pulled in.',
        fix: 'On most units Y2 alone starts nothing; check the unit diagram. If it does, the interlock needs a second contact.',
        aspect: 'second stage',
      });
    return found;
  },
};
