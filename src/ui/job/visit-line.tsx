'use client';

import { useEffect, useState } from 'react';
import { type Visit, VISIT_REASONS, type VisitReason } from '@/core/job/visit';
import { visitsInTime } from '@/core/job/visits';
import { call, notDone } from '../api';
import { PlainSelect } from '../fields/plain-select';
import { PopoverButton } from '../popover-button';
import { toast } from '../toast';
import { timeWords, When } from '../when';
import { useJob, useJobNow } from './provider';
import { isVisitOver, newVisit, shownVisit } from './visits';

/** Whether the visit shown is over by now; asked anew each minute, and only once the page is on the device. */
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

/** Which visit is shown, why somebody came, and how to begin the next one. */
export const VisitLine = () => {
  const jobId = useJob((job) => job.saved.id);
  const visits = useJob((job) => job.visits);
  const shown = useJob(shownVisit);
  const acknowledge = useJob((job) => job.acknowledge);
  const showVisit = useJob((job) => job.showVisit);
  const goOnWith = useJob((job) => job.goOnWith);
  const isOver = useIsOver(shown);
  if (!shown) return null;
  const put = async (visit: Visit): Promise<boolean> => {
    const answer = await call<{ visits: readonly Visit[] }>(`/api/jobs/${jobId}/visits`, {
      method: 'PUT',
      body: { visit },
    });
    if (answer.kind !== 'ok') {
      toast.error(notDone('The visit was not changed.', answer));
      return false;
    }
    acknowledge({ visits: answer.value.visits });
    return true;
  };
  const begin = async () => {
    const visit = newVisit(visits);
    if (await put(visit)) showVisit(visit.id);
  };
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
              <When at={shown.began} only="day" /> · {VISIT_REASONS[shown.reason]}
            </span>
          </>
        }
      >
        <PlainSelect
          label="Shown"
          value={shown.id}
          options={visitsInTime(visits)
            .reverse()
            .map(({ id, began, reason }) => [id, `${timeWords(began, 'day')} · ${VISIT_REASONS[reason]}`] as const)}
          onChoose={showVisit}
        />
        <PlainSelect
          label="For"
          value={shown.reason}
          options={Object.entries(VISIT_REASONS) as [VisitReason, string][]}
          onChoose={(reason) => void put({ ...shown, reason })}
        />
        <button type="button" className="plain-button" onClick={() => void begin()}>
          Begin a new visit
        </button>
      </PopoverButton>
      {isOver && (
        <span role="status" className="flex flex-wrap items-center gap-x-2 text-quiet">
          It is over. What you enter begins a new one.
          <button
            type="button"
            className="bare-button -mx-1 px-1 underline underline-offset-4"
            onClick={() => goOnWith(shown.id)}
          >
            Go on with this one
          </button>
        </span>
      )}
    </section>
  );
};
