'use client';

import type { PlannedStep } from '@/core/startup/plan';
import { returnVisit } from '@/core/startup/return-visit';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';

/** Items for a return visit, each with why not today and when. */
export const ReturnList = ({ steps }: { steps: readonly PlannedStep[] }) => {
  const items = returnVisit(
    useJob((job) => job.facts),
    steps,
  );
  if (items.length === 0) return null;
  return (
    <section aria-label="Return visit" className="mt-3 border-y border-line-strong py-2">
      <h3 className="font-label text-xl font-semibold">For a return visit</h3>
      <ul>
        {items.map(({ what, why, due }) => (
          <li key={what} className="border-t border-line py-1.5 first:border-0">
            <b>{what}</b>
            <span className="block text-sm text-quiet">
              <LocalizedDegrees>{why}</LocalizedDegrees>
            </span>
            <span className="block text-sm font-semibold">
              <LocalizedDegrees>{due}</LocalizedDegrees>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
};
