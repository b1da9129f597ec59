import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { kitRows } from '../../job/kit-rows';
import { HEATER_BREAKER_LIMIT_AMPS, HEATER_CIRCUIT_LIMIT_AMPS } from '../../units/constants';
import { roundTo } from '../../units/round';
import { elementAmps } from '../element';
import { jobElements, jobKit, sizedAtVolts } from '../from-job';

/** An element too large for any circuit: its entry is questioned, not the circuits. */
const tooLarge = (facts: Facts): Found[] => {
  const volts = sizedAtVolts(facts);
  return jobElements(facts).flatMap((element, at): Found[] => {
    const amps = elementAmps(element, volts);
    if (amps <= HEATER_CIRCUIT_LIMIT_AMPS + 1e-9) return [];
    return [
      {
        severity: 'error',
        what: `Element ${at + 1} alone draws ${roundTo(amps, 1)} A at ${volts} V: over the ${HEATER_CIRCUIT_LIMIT_AMPS} A limit for one heater circuit, however you split the rest.`,
        fix: 'Is it one element, or a whole bank entered as one? Read the plate again: a kit’s elements are seldom over 6 kW.',
        page: 'survey',
        fact: 'heatKit.elements',
        aspect: `element ${at + 1}`,
      },
    ];
  });
};

export const breakersFit: Rule<Facts> = {
  id: 'breakers-fit',
  why: 'The breaker protects the wire. Too large lets the wire burn; too small trips on a cold night.',
  check: (facts) => {
    const { breakersAmps: found, ratedVolts } = facts.heatKit;
    if (kitRows(facts).length === 0) return [];
    const { circuits } = jobKit(facts, ratedVolts);
    const about = { page: 'survey', fact: 'heatKit.breakersAmps' } as const;
    const large = tooLarge(facts);
    if (large.length > 0) return large;
    if (found.length !== circuits.length) {
      return [
        {
          severity: 'warning',
          what: `${circuits.length} heater circuits are needed, ${found.length} ${found.length === 1 ? 'breaker was' : 'breakers were'} found.`,
          fix: 'Check which circuit feeds which element and whether each stays within 48 A. New circuits are for a licensed electrician; local code governs.',
          ...about,
        },
      ];
    }
    return circuits.flatMap(({ breakerAmps, minCircuitAmps }, at): Found[] => {
      const name = `Circuit ${at + 1}`;
      const aspect = `circuit ${at + 1}`;
      const amps = found[at]!;
      if (breakerAmps === null)
        return [
          {
            severity: 'error',
            what: `${name} needs ${roundTo(minCircuitAmps, 1)} A: more than any standard breaker. An element’s kW must be wrong.`,
            fix: 'Read the kit’s plate again.',
            page: 'survey',
            fact: 'heatKit.elements',
            aspect,
          },
        ];
      if (amps < minCircuitAmps)
        return [
          {
            severity: 'error',
            what: `${name}: ${amps} A breaker found; minimum circuit ampacity is ${roundTo(minCircuitAmps, 1)} A.`,
            fix: `A ${breakerAmps} A breaker on conductors that carry it, by a licensed electrician. Never upsize a breaker alone to stop it tripping.`,
            ...about,
            aspect,
          },
        ];
      if (amps > breakerAmps)
        return [
          {
            severity: 'error',
            what: `${name}: ${amps} A breaker found; the right size is ${breakerAmps} A.`,
            fix: 'Have it replaced, unless the kit’s plate names a larger one.',
            ...about,
            aspect,
          },
        ];
      if (breakerAmps > HEATER_BREAKER_LIMIT_AMPS)
        return [
          {
            severity: 'warning',
            what: `${name} needs a ${breakerAmps} A breaker, over the ${HEATER_BREAKER_LIMIT_AMPS} A that a subdivided heater may have.`,
            fix: 'Feed the blower from its own circuit, or split the elements differently; the kit label governs.',
            ...about,
            aspect,
          },
        ];
      return [];
    });
  },
};
