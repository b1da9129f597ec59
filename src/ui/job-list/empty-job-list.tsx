'use client';

import type { SampleChoice } from '@/ui/job-list/new-job';

interface EmptyBoardProps {
  readonly samples: readonly SampleChoice[];
  readonly onWalk: () => void;
  readonly onSample: (id: string, name: string) => void;
}

/** Shown without jobs: what the application answers, and samples. */
export const EmptyJobList = ({ samples, onWalk, onSample }: EmptyBoardProps) => (
  <section aria-label="No jobs yet" className="mx-auto max-w-2xl py-6">
    <h2 className="part-head">No jobs yet</h2>
    <p className="mt-2 text-lg">
      Gate Cross answers three questions about a ducted heat pump with backup heat: what may run at this outdoor
      temperature, how it is wired, and whether it is right, reading by reading.
    </p>
    <p className="mt-2">
      Start a job with what you know. Everything else is assumed and marked. Or open a sample first: nothing you do
      there changes your own jobs.
    </p>
    <button type="button" className="strong-button mt-3" onClick={onWalk}>
      Two-minute tour
    </button>
    <h3 className="eyebrow mt-5">Sample jobs</h3>
    <ul>
      {samples.map(({ id, about }) => (
        <li key={id} className="flex items-center gap-3 border-b border-line py-1">
          <span className="min-w-0 flex-1">{about}</span>
          <button
            type="button"
            className="plain-button"
            aria-label={`Open: ${about}`}
            onClick={() => onSample(id, `Sample: ${about.split(/[:,.]/)[0]!}`)}
          >
            Open
          </button>
        </li>
      ))}
    </ul>
  </section>
);
