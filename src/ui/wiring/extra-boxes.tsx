'use client';

import { factApplies } from '@/core/job/applies';
import { hasBoxes } from '@/core/job/boxes';
import { ALL_FACTS } from '@/core/job/document';
import { FactField } from '../fields/fact-field';
import { useJob } from '../job/provider';

const BOXES = ALL_FACTS.filter(({ group }) => group === 'boxes').map(({ path }) => path);

/** Other devices on the 24 V: each is planned, drawn and checked with the rest. */
export const ExtraBoxes = () => {
  const facts = useJob((job) => job.facts);
  return (
    <details className="border-y border-line" open={hasBoxes(facts) || undefined}>
      <summary className="min-h-11 cursor-pointer py-2 font-label text-xl font-semibold">Extra boxes on 24 V</summary>
      <div className="grid grid-cols-1 gap-y-2 pb-3">
        {BOXES.filter((path) => factApplies(facts, path)).map((path) => (
          <FactField key={path} path={path} />
        ))}
      </div>
    </details>
  );
};
