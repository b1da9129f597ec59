import { VISIT_REASONS } from '@/core/job/visit';
import { minutesLeft } from '@/core/startup/minutes-left';
import type { PlannedStep } from '@/core/startup/planned';
import type { VisitList } from './use-visit-list';

/** What of the startup is shown, the other in one tap, and how long what is left takes. */
export const ListLine = ({ steps, list }: { steps: readonly PlannedStep[]; list: VisitList }) => {
  const { reason, isAll, listed, all, showAll } = list;
  const minutes = minutesLeft(steps);
  return (
    <div className="mb-2 text-sm">
      <div role="radiogroup" aria-label="Items of this startup" className="grid grid-cols-[3fr_2fr] gap-1">
        {(
          [
            [false, `${VISIT_REASONS[reason]} · ${listed}`],
            [true, `Everything · ${all}`],
          ] as const
        ).map(([isEverything, words]) => (
          <button
            key={words}
            type="button"
            role="radio"
            aria-checked={isAll === isEverything}
            className="plain-button min-h-11 px-1.5 text-sm leading-tight whitespace-normal aria-checked:border-2 aria-checked:border-ink aria-checked:font-semibold"
            onClick={() => showAll(isEverything)}
          >
            {words}
          </button>
        ))}
      </div>
      {minutes > 0 && <p className="mt-1 text-quiet">About {minutes} min left, waits included</p>}
    </div>
  );
};
