'use client';

import { type Visit, VISIT_REASONS, type VisitReason } from '@/core/job/visit';
import { visitsInTime } from '@/core/job/visits';
import { timeWords } from '../kit/date-text';
import { LabeledSelect } from '../kit/labeled-select';
import { toast } from '../kit/toast';
import { call, failedWords } from '../requests/api';
import { useJob } from './provider';
import { newVisit } from './visits';

const REASONS = Object.entries(VISIT_REASONS).map(([value, label]) => ({ value: value as VisitReason, label }));

/** Shows another visit, sets its reason, or begins the next. */
export const VisitChoice = ({ shown }: { shown: Visit }) => {
  const jobId = useJob((job) => job.saved.id);
  const visits = useJob((job) => job.visits);
  const acknowledge = useJob((job) => job.acknowledge);
  const showVisit = useJob((job) => job.showVisit);
  const put = async (visit: Visit): Promise<boolean> => {
    const answer = await call<{ visits: readonly Visit[] }>(`/api/jobs/${jobId}/visits`, {
      method: 'PUT',
      body: { visit },
    });
    if (answer.kind !== 'ok') {
      toast.error(failedWords('The visit was not changed.', answer));
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
    <>
      <LabeledSelect
        label="Shown"
        place="beside"
        value={shown.id}
        options={visitsInTime(visits)
          .reverse()
          .map(({ id, began, reason }) => ({
            value: id,
            label: `${timeWords(began, 'day')} · ${VISIT_REASONS[reason]}`,
          }))}
        onChoose={showVisit}
      />
      <LabeledSelect
        label="For"
        place="beside"
        value={shown.reason}
        options={REASONS}
        onChoose={(reason) => void put({ ...shown, reason })}
      />
      <button type="button" className="plain-button" onClick={() => void begin()}>
        Start a new visit
      </button>
    </>
  );
};
