'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import type { VisitReason } from '@/core/job/visit';
import type { PlannedStep } from '@/core/startup/planned';
import { forVisit } from '@/core/startup/visit-list';
import { changeAddress } from '../kit/address';

const PARAMETER = 'items';
const ALL = 'all';

/** Which startup items are shown, and how to show the others. */
export interface VisitList {
  readonly reason: VisitReason;
  readonly isAll: boolean;
  /** Items on the visit's list, and all items. */
  readonly listed: number;
  readonly all: number;
  readonly showAll: (isAll: boolean) => void;
}

const countOf = (steps: readonly PlannedStep[]) => steps.reduce((sum, { items }) => sum + items.length, 0);

/** A startup reduced to the visit's list, or complete; the choice is in the address. */
export const useVisitList = (
  all: readonly PlannedStep[],
  reason: VisitReason,
): { readonly steps: readonly PlannedStep[]; readonly list: VisitList } => {
  const query = useSearchParams();
  const folded = useMemo(() => forVisit(all, reason), [all, reason]);
  const wanted = query.get('step');
  // A link to a step that is not on the list shows it all the same.
  const isBeyond =
    wanted !== null && !folded.some(({ step }) => step.id === wanted) && all.some(({ step }) => step.id === wanted);
  const isAll = query.get(PARAMETER) === ALL || isBeyond;
  const showAll = (next: boolean) => {
    const isStepLost = !next && isBeyond;
    changeAddress({ [PARAMETER]: next ? ALL : null, ...(isStepLost ? { step: null } : {}) }, 'push');
  };
  return {
    steps: isAll ? all : folded,
    list: { reason, isAll, listed: countOf(folded), all: countOf(all), showAll },
  };
};
