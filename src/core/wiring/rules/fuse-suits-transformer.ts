import { roundTo } from '../../units/round';
import type { WiringRule } from './subject';

/** Boards have 3 A or 5 A fuses; a class 2 circuit has at most 5 A. Source: NEC chapter 9, table 11(A). */
const MOST_AMPS = 5;
/** A fuse rated at a higher multiple of the transformer's current opens after the winding has burned. Our judgment. */
const MOST_TIMES = 4;

export const fuseSuitsTransformer: WiringRule = {
  id: 'fuse-suits-transformer',
  why: 'The fuse must open before the transformer burns. One that is too large never does.',
  check: ({ facts }) => {
    const { fuseAmps, transformerVA } = facts.airHandler;
    const fullLoadAmps = transformerVA / 24;
    if (fuseAmps <= MOST_AMPS && fuseAmps <= MOST_TIMES * fullLoadAmps) return [];
    return [
      {
        severity: fuseAmps > MOST_AMPS ? 'error' : 'warning',
        what: `A ${fuseAmps} A fuse on a ${transformerVA} VA transformer, rated ${roundTo(fullLoadAmps, 2)} A: the transformer burns out before the fuse blows.`,
        fix: `Fit the fuse that the board’s label names, ${fullLoadAmps > 2 ? '5' : '3'} A as a rule, and find out why the old one was changed: a short is behind most of them.`,
        page: 'wiring',
        fact: 'airHandler.fuseAmps',
      },
    ];
  },
};
