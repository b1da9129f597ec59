import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { weighEvidence } from '../evidence';

const thousand = (btuh: number) => Math.round(btuh / 1000);

export const loadEvidenceAgrees: Rule<Facts> = {
  id: 'load-evidence-agrees',
  why: 'Cut the load in half and the balance point moves ten degrees or more, and the heat kit drops a size.',
  check: (facts) => {
    const weighed = weighEvidence(facts);
    const taken = weighed.find(({ isTaken }) => isTaken)!;
    if (taken.estimate.kind === 'missing')
      return [
        {
          severity: 'warning',
          what: `The load is set to come from “${taken.evidence.label.toLowerCase()}”, but its figures are incomplete.`,
          fix: `${taken.estimate.what} Until then the heat-loss figure is used.`,
          page: 'balance',
          fact: 'load.from',
        },
      ];
    const { designBtuh, uncertainty } = taken.estimate;
    return weighed.flatMap(({ evidence, estimate, trust }) => {
      if (estimate.kind === 'missing' || trust === null || trust >= taken.trust!) return [];
      const isApart =
        Math.abs(estimate.designBtuh - designBtuh) >
        estimate.designBtuh * estimate.uncertainty + designBtuh * uncertainty;
      const liesOutside = Math.abs(estimate.designBtuh - designBtuh) > designBtuh * uncertainty;
      return liesOutside
        ? [
            {
              severity: isApart ? ('warning' as const) : ('advice' as const),
              what: `${evidence.label} gives ${thousand(estimate.designBtuh)} kBtu/h at design; ${taken.evidence.label.toLowerCase()} gives ${thousand(designBtuh)}.`,
              fix: `${evidence.label} is more reliable here: ±${Math.round(100 * estimate.uncertainty)} % against ±${Math.round(100 * uncertainty)} %. Use it, or find out what is wrong with it.`,
              page: 'balance' as const,
              fact: 'load.from' as const,
              aspect: evidence.id,
              fixBy: [{ path: 'load.from' as const, value: evidence.id }],
            },
          ]
        : [];
    });
  },
};
