import { factApplies } from '../job/applies';
import type { Facts } from '../job/document';
import type { Found, Rule } from '../job/finding';

/** Minimum time to clear a heavily iced coil, min. Our judgment: boards end a defrost at 8 to 15. */
const LEAST_CAP_MIN = 5;

export const defrostControl: Rule<Facts> = {
  id: 'defrost-control',
  why: 'A defrost that ends too soon leaves ice, and the next frost grows on it until the coil is solid.',
  check: (facts) => {
    const { defrostClosesF, defrostOpensF, defrostCapMin } = facts.outdoorUnit;
    const found: Found[] = [];
    if (factApplies(facts, 'outdoorUnit.defrostClosesF') && defrostOpensF <= defrostClosesF)
      found.push({
        severity: 'error',
        what: `The defrost thermostat is entered as opening at ${defrostOpensF} °F and closing at ${defrostClosesF} °F. It opens warmer than it closes.`,
        fix: 'Read the two temperatures on the switch again: it closes cold, near 30 °F, and opens warm, at 50 to 80 °F.',
        page: 'survey',
        fact: 'outdoorUnit.defrostOpensF',
      });
    if (defrostCapMin < LEAST_CAP_MIN)
      found.push({
        severity: 'warning',
        what: `The board ends a defrost after ${defrostCapMin} min, clear or not: ice stays on the coil.`,
        fix: 'Boards end it at 8 to 15 min. Read its diagram again.',
        page: 'survey',
        fact: 'outdoorUnit.defrostCapMin',
      });
    return found;
  },
};
