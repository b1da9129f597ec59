'use client';

import Link from 'next/link';
import { inTime } from '@/core/job/in-time';
import type { TakenReading } from '@/core/job/reading';
import type { PlannedStep } from '@/core/startup/plan';
import { GradeMark } from '../findings/grade-mark';
import { useJob } from '../job/provider';
import { jobQuery } from '../job/query';

interface ProveAgainProps {
  /** The fix in words. */
  readonly words: string;
  readonly fixed: TakenReading;
  /** Startup steps that must be proved again. */
  readonly steps: readonly PlannedStep[];
}

/** The fix, and steps to recheck: each until everything read in it is read again. */
export const RecheckList = ({ words, fixed, steps }: ProveAgainProps) => {
  const id = useJob((job) => job.saved.id);
  const query = useJob(jobQuery);
  const isAfter = (reading: TakenReading) => inTime([reading, fixed]).at(-1) === reading;
  return (
    <section aria-labelledby="prove-title" className="mb-4 border-l-4 border-pine pl-3">
      <h2 id="prove-title" className="part-head">
        Fixed: {words}
      </h2>
      <p className="text-quiet">Earlier readings no longer count. Recheck these:</p>
      <ul>
        {steps.map(({ step, items }) => {
          const again = items.filter(({ reading }) => reading && isAfter(reading)).length;
          return (
            <li key={step.id} className="border-b border-line">
              <Link
                className="flex min-h-11 items-center gap-2 text-link"
                prefetch={false}
                href={`/jobs/${id}/startup?${query}&step=${step.id}`}
              >
                <GradeMark grade={again === items.length ? 'pass' : 'open'} />
                <span className="min-w-0 flex-1">{step.title}</span>
                <span className="font-mono text-sm text-quiet">
                  {again} of {items.length}
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
    </section>
  );
};
