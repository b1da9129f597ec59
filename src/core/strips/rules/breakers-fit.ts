import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { HEATER_BREAKER_LIMIT_AMPS } from '../../units/constants';
import { roundTo } from '../../units/round';
import { jobKit } from '../from-job';

export const breakersFit: Rule<Facts> = {
  id: 'breakers-fit',
  why: 'The breaker guards the conductor. A larger one lets it burn; a smaller one trips on a cold night.',
  check: (facts) => {
    const { breakersAmps: found, ratedVolts } = facts.heatKit;
    if (kitRows(facts).length === 0) return [];
    const { circuits } = jobKit(facts, ratedVolts);
    const about = { page: 'sheet', fact: 'heatKit.breakersAmps' } as const;
    if (found.length !== circuits.length) {
      return [
        {
          severity: 'warning',
          what: `${circuits.length} heater circuits are needed, ${found.length} ${found.length === 1 ? 'breaker was' : 'breakers were'} found.`,
          mend: 'Check which circuit feeds which element, and whether each stays within 48 A of heater. New circuits are for a licensed electrician; local code rules.',
          ...about,
        },
      ];
    }
    return circuits.flatMap(({ breakerAmps, minCircuitAmps }, at): Found[] => {
      const name = `Circuit ${at + 1}`;
      const amps = found[at]!;
      if (breakerAmps === null)
        return [
          {
            severity: 'error',
            what: `${name} needs ${roundTo(minCircuitAmps, 1)} A: more than any standard breaker. An element’s kW must be wrong.`,
            mend: 'Read the kit’s plate again.',
            page: 'sheet',
            fact: 'heatKit.elements',
          },
        ];
      if (amps < minCircuitAmps)
        return [
          {
            severity: 'error',
            what: `${name}: a breaker of ${amps} A was found, ${roundTo(minCircuitAmps, 1)} A is the least.`,
            mend: `A ${breakerAmps} A breaker on conductors that carry it, by a licensed electrician. Never upsize a breaker alone to stop it tripping.`,
            ...about,
          },
        ];
      if (amps > breakerAmps)
        return [
          {
            severity: 'error',
            what: `${name}: a breaker of ${amps} A was found, ${breakerAmps} A is the size for it.`,
            mend: 'Have it replaced, unless the kit’s plate names a larger one.',
            ...about,
          },
        ];
      if (breakerAmps > HEATER_BREAKER_LIMIT_AMPS)
        return [
          {
            severity: 'warning',
            what: `${name} needs a ${breakerAmps} A breaker, over the ${HEATER_BREAKER_LIMIT_AMPS} A that a subdivided heater may have.`,
            mend: 'Feed the blower from its own circuit, or divide the elements otherwise; the kit’s label rules.',
            ...about,
          },
        ];
      return [];
    });
  },
};
