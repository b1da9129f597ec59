import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { roundTo } from '../../units/round';
import { breakerFor } from '../circuits';
import { ampacityOf, conductorKind, gaugeFor, smallBreakerAmps } from '../conductors';
import { ladder } from '../ladder';

export const conductorsFit: Rule<Facts> = {
  id: 'conductors-fit',
  why: 'A wire too small for its load burns inside the wall, where no one sees it.',
  check: (facts) => {
    const kind = conductorKind(facts);
    const hot = { metal: kind.metal, column: 75 } as const;
    return ladder(facts).circuits.flatMap(({ at, circuit, foundAwg, foundBreakerAmps }): Found[] => {
      if (foundAwg === null) return [];
      const name = `Circuit ${at + 1}`;
      const wire = `${foundAwg} AWG ${kind.metal}`;
      const about = { page: 'strips', fact: 'heatKit.conductorsAwg', aspect: `circuit ${at + 1}` } as const;
      const ampacity = ampacityOf(kind, foundAwg);
      const needed = gaugeFor(kind, circuit.minCircuitAmps);
      const neededWords = needed === null ? 'A larger conductor' : `${needed} AWG ${kind.metal}`;
      if (ampacity === null)
        return [
          {
            severity: 'warning',
            what: `${name}: ${wire} is not a branch-circuit size.`,
            fix: 'Read the print on the jacket again.',
            ...about,
          },
        ];
      const mca = roundTo(circuit.minCircuitAmps, 1);
      if (ampacity < circuit.minCircuitAmps - 1e-9) {
        const ampacity75 = ampacityOf(hot, foundAwg) ?? 0;
        if (!kind.isKnown && ampacity75 >= circuit.minCircuitAmps - 1e-9)
          return [
            {
              severity: 'warning',
              what: `${name}: ${wire} carries ${ampacity} A as NM-B or on 60 °C terminals, ${ampacity75} A at 75 °C; the circuit needs ${mca} A.`,
              fix: `Read the jacket and the terminals, and enter conductor type and terminals. If it is NM-B, or a terminal is marked 60 °C: ${neededWords} by a licensed electrician.`,
              ...about,
            },
          ];
        return [
          {
            severity: 'error',
            what: `${name}: ${wire} carries ${ampacity} A (${kind.column} °C column); the circuit needs ${mca} A.`,
            fix: `${neededWords} by a licensed electrician.`,
            ...about,
          },
        ];
      }
      // The next standard size above ampacity is allowed, except for small conductors.
      const largest = smallBreakerAmps(kind, foundAwg) ?? breakerFor(ampacity);
      if (foundBreakerAmps !== null && largest !== null && foundBreakerAmps > largest)
        return [
          {
            severity: 'error',
            what: `${name}: a ${foundBreakerAmps} A breaker on ${wire}, which may have ${largest} A at most (NEC 240.4).`,
            fix: `A ${circuit.breakerAmps ?? largest} A breaker, or larger conductors, by a licensed electrician.`,
            ...about,
            aspect: `breaker ${at + 1}`,
          },
        ];
      if (needed !== null && foundAwg < needed)
        return [
          {
            severity: 'advice',
            what: `${name}: ${wire} is larger than the ${needed} AWG it needs.`,
            fix: 'OK; make sure the lugs are rated for it.',
            ...about,
          },
        ];
      return [];
    });
  },
};
