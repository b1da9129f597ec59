'use client';

import { factApplies } from '@/core/job/applies';
import type { FactPath } from '@/core/job/document';
import { FactField } from '../fields/fact-field';
import { useJob } from '../job/provider';

/**
 * Limits that a step's readings are judged by, typed here from a plate, a chart or a manual; what is found in them
 * stands on the Sheet.
 */
export const StepLimits = ({ limits }: { limits: readonly FactPath[] }) => {
  const facts = useJob((job) => job.facts);
  const shown = limits.filter((path) => factApplies(facts, path));
  if (shown.length === 0) return null;
  return (
    <details className="mt-3 border-y border-line">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">What it is judged by</summary>
      <div className="grid gap-x-6 pb-3 sm:grid-cols-2">
        {shown.map((path) => (
          <FactField key={path} path={path} />
        ))}
      </div>
    </details>
  );
};
