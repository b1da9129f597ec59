import { lockoutsInForce } from '../../control/lockouts';
import { type Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { apartF } from '../../units/degrees';
import { jobBalance } from '../from-job';
import { possibleGap } from '../possible-gap';

/** A probability in everyday words. */
const oftenWords = (chance: number): string => {
  if (chance > 0.95) return 'every time';
  return chance > 0.6 ? 'more often than not' : `one time in ${Math.max(2, Math.round(1 / chance))}`;
};

/** Rarer cases are not mentioned. Our judgment. */
const LEAST_CHANCE = 0.02;

export const gapByTolerance: Rule<Facts> = {
  id: 'hole-by-tolerance',
  why: 'A sensor in the sun or a dial set by eye is off a few degrees. Lockouts that just meet on paper can leave a gap with no heat.',
  check: (facts) => {
    const found = possibleGap(facts);
    // A gap without tolerances has its own rule.
    if (found === null || found.chance < LEAST_CHANCE || jobBalance(facts).gapsF.length > 0) return [];
    const { spanF, chance, closedBy } = found;
    const { sensorErrorF, dialErrorF } = facts.proof;
    const isDial = closedBy.change.path === 'gates.outdoorThermostats';
    const { compressorBelowF } = lockoutsInForce(facts);
    return [
      {
        severity: 'warning',
        what: `With a sensor off by ${apartF(sensorErrorF)}${isDial ? ` and a dial off by ${apartF(dialErrorF)}` : ' and the lockout differential'}, ${oftenWords(chance)} there is a gap somewhere from ${Math.round(spanF[0])} to ${Math.round(spanF[1])} °F where no heat source is allowed.`,
        fix: `Set ${closedBy.label} to ${closedBy.atF} °F or higher to close the gap${compressorBelowF === null ? '' : ', or lower the compressor lockout'}.`,
        page: 'survey',
        fact: closedBy.change.path,
        fixBy: [closedBy.change],
      },
    ];
  },
};
