import { factApplies } from '../job/applies';
import type { FactPath, Facts } from '../job/document';
import type { Found, Rule } from '../job/finding';

type Limit = keyof Facts['proof'] & string;

/** Pairs of limits: name, minimum, maximum. */
const PAIRS: readonly (readonly [name: string, least: Limit, most: Limit])[] = [
  ['Inlet gas pressure', 'inletLeastInWc', 'inletMostInWc'],
  ['Temperature rise', 'riseFromF', 'riseToF'],
  ['Flue gas', 'flueLeastF', 'flueMostF'],
  ['Draft over the fire', 'draftLeastInWc', 'draftMostInWc'],
  ['Manifold pressure, low fire against high', 'manifoldLowInWc', 'manifoldInWc'],
];

export const limitsInOrder: Rule<Facts> = {
  id: 'limits-in-order',
  why: 'With a minimum above its maximum no reading can pass, and the cause is hard to see.',
  check: (facts) =>
    PAIRS.flatMap(([name, least, most]): Found[] => {
      const [low, high] = [facts.proof[least], facts.proof[most]];
      if (typeof low !== 'number' || typeof high !== 'number' || low <= high) return [];
      const [leastPath, mostPath]: readonly [FactPath, FactPath] = [`proof.${least}`, `proof.${most}`];
      if (!factApplies(facts, leastPath) || !factApplies(facts, mostPath)) return [];
      return [
        {
          severity: 'error',
          what: `${name}: the minimum, ${low}, is above the maximum, ${high}.`,
          fix: 'Read the nameplate again and correct the one that is wrong.',
          page: 'startup',
          fact: leastPath,
        },
      ];
    }),
};
