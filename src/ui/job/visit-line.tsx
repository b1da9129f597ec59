'use client';

import { useEffect, useState } from 'react';
import { type Visit, VISIT_REASONS } from '@/core/job/visit';
import { DateText } from '../kit/date-text';
import { PopoverButton } from '../kit/popover-button';
import { lazyClient } from '../loading/lazy-client';
import { useJob, useJobNow } from './provider';
import { isVisitOver, shownVisit } from './visits';

const VisitChoice = lazyClient(() => import('./visit-choice').then((module) => module.VisitChoice));

/** Whether the displayed visit is over; checked every minute, after hydration. */
const useIsOver = (visit: Visit | undefined): boolean => {
  const now = useJobNow();
  const readings = useJob((job) => job.readings);
  const goesOnWith = useJob((job) => job.goesOnWith);
  const [isOver, setOver] = useState(false);
  useEffect(() => {
    const look = () => setOver(visit !== undefined && isVisitOver(now(), visit));
    look();
    const timer = setInterval(look, 60_000);
    return () => clearInterval(timer);
  }, [now, visit, readings, goesOnWith]);
  return isOver;
};

/** The displayed visit, its reason, and how to begin the next. */
export const VisitLine = () => {
  const shown = useJob(shownVisit);
  const goOnWith = useJob((job) => job.goOnWith);
  const isOver = useIsOver(shown);
  if (!shown) return null;
  return (
    <section aria-label="Which visit" className="flex min-h-11 flex-wrap items-center gap-x-3 text-sm">
      <PopoverButton
        className="bare-button -mx-1 gap-2 px-1"
        align="start"
        contentClassName="flex max-w-[22rem] flex-col gap-3"
        face={
          <>
            <span className="eyebrow">Visit</span>
            <span className="font-medium underline decoration-dotted underline-offset-4">
              <DateText at={shown.began} only="day" /> · {VISIT_REASONS[shown.reason]}
            </span>
          </>
        }
      >
        <VisitChoice shown={shown} />
      </PopoverButton>
      {isOver && (
        <span role="status" className="flex flex-wrap items-center gap-x-2 text-quiet">
          This visit is closed. Your next entry starts a new visit.
          <button type="button" className="bare-button -mx-1 px-1 text-link" onClick={() => goOnWith(shown.id)}>
            Continue this visit
          </button>
        </span>
      )}
    </section>
  );
};
