'use client';

import { STARTUP_PLACES } from '@/core/startup/item-place';
import { type PlannedStep, stepGrade, tally } from '@/core/startup/plan';
import type { Route } from '@/core/startup/route';
import { GradeMark } from '../findings/grade-mark';
import type { RouteChoice } from './use-route';

/** Number of readings by verdict. */
export const TallyLine = ({ steps }: { steps: readonly PlannedStep[] }) => {
  const counts = tally(steps);
  return (
    <p className="mb-3 flex flex-wrap gap-x-4 gap-y-1">
      {(['open', 'pass', 'warn', 'fail'] as const).map((grade) => (
        <span key={grade} className="flex items-center gap-1">
          <span className="font-mono text-lg font-semibold">{counts[grade]}</span>
          <GradeMark grade={grade} hasWord size={16} />
        </span>
      ))}
      {counts.leftOut > 0 && (
        <span className="flex items-center gap-1 text-quiet">
          <span className="font-mono text-lg font-semibold">{counts.leftOut}</span>
          <span className="font-label font-semibold">Not measured</span>
        </span>
      )}
    </p>
  );
};

const NO_PLACES: Route['places'] = new Map();

/** Places of the steps when ordered by place. */
export const placesOf = ({ taken }: RouteChoice): Route['places'] => taken?.places ?? NO_PLACES;

interface StepListProps {
  readonly steps: readonly PlannedStep[];
  /** Places of each step, in order; empty when ordered as listed. */
  readonly places: Route['places'];
  readonly current: string;
  readonly onGo: (id: string) => void;
}

/** Steps in working order, each with its worst verdict. */
export const StepList = ({ steps, places, current, onGo }: StepListProps) => (
  <ol aria-label="Steps">
    {steps.map((planned, at) => (
      <li key={planned.step.id}>
        <button
          type="button"
          aria-current={planned.step.id === current ? 'step' : undefined}
          onClick={() => onGo(planned.step.id)}
          className="flex min-h-11 w-full items-center gap-2 border-b border-line px-2 text-left hover:bg-sheet aria-[current]:bg-ink aria-[current]:text-paper [&[aria-current]_svg]:text-paper"
        >
          <span className="w-5 font-mono text-xs">{at + 1}</span>
          <GradeMark grade={stepGrade(planned)} />
          <span>
            <span className="font-label text-lg">{planned.step.title}</span>
            {places.has(planned.step.id) && (
              <span className="block pb-1 text-xs leading-tight">
                {places
                  .get(planned.step.id)!
                  .map((place) => STARTUP_PLACES[place])
                  .join(' → ')}
              </span>
            )}
          </span>
        </button>
      </li>
    ))}
  </ol>
);
