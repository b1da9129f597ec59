'use client';

import { useState } from 'react';
import { factApplies } from '@/core/job/applies';
import type { FactPath } from '@/core/job/document';
import { useJob } from '../job/provider';
import { lazyClient } from '../loading/lazy-client';

const LimitFields = lazyClient(() => import('./limit-fields').then((module) => module.LimitFields));

/** Limits for a step's readings, typed here from a nameplate, chart or manual; findings on them are on the Survey. */
export const StepLimits = ({ limits }: { limits: readonly FactPath[] }) => {
  const facts = useJob((job) => job.facts);
  const [isOpen, setOpen] = useState(false);
  const shown = limits.filter((path) => factApplies(facts, path));
  if (shown.length === 0) return null;
  return (
    <details className="mt-3 border-y border-line" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">Limits for this step</summary>
      {isOpen && <LimitFields limits={shown} />}
    </details>
  );
};
