import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { roundTo } from '../../units/round';
import { copperAmpacity, copperFor } from '../conductors';
import { ladder } from '../ladder';

export const conductorsFit: Rule<Facts> = {
  id: 'conductors-fit',
  why: 'A conductor too thin for its load burns in the wall, where nobody sees it.',
  check: (facts) => {
    return ladder(facts).circuits.flatMap(({ at, circuit, foundAwg }): Found[] => {
      if (foundAwg === null) return [];
      const ampacity = copperAmpacity(foundAwg);
      const needed = copperFor(circuit.minCircuitAmps);
      const name = `Circuit ${at + 1}`;
      const about = { page: 'strips', fact: 'heatKit.conductorsAwg', aspect: `circuit ${at + 1}` } as const;
      if (ampacity === null)
        return [
          {
            severity: 'warning',
            what: `${name}: ${foundAwg} AWG is no size for branch circuits.`,
            mend: 'Read the print on the jacket again.',
            ...about,
          },
        ];
      if (ampacity < circuit.minCircuitAmps) {
        return [
          {
            severity: 'error',
            what: `${name}: ${foundAwg} AWG copper carries ${ampacity} A, ${roundTo(circuit.minCircuitAmps, 1)} A is the least.`,
            mend: `${needed === null ? 'A larger conductor' : `${needed} AWG`} by a licensed electrician, unless terminals and conductor are marked for a higher temperature.`,
            ...about,
          },
        ];
      }
      if (needed !== null && foundAwg < needed) {
        return [
          {
            severity: 'advice',
            what: `${name}: ${foundAwg} AWG is thicker than the ${needed} AWG that is needed.`,
            mend: 'No harm; see that the lugs take it.',
            ...about,
          },
        ];
      }
      return [];
    });
  },
};
