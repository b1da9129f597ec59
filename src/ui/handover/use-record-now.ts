import type { Moment } from '@/core/control/moment';
import { type HandoverRecord, handoverRecord } from '@/core/handover/record';
import { earlierReadings } from '@/core/job/earlier-visit';
import { memoizeLast } from '@/core/model/memoize-last';
import { useMoment } from '../job/deferred-model';
import { useJob } from '../job/provider';
import type { JobState } from '../job/state';
import { shownVisit } from '../job/visits';
import { useEveryReading } from '../stop-work/use-stops';

type Recorded = Pick<JobState, 'confirmed' | 'readings' | 'settingMarks' | 'saved'>;

const recordOf = memoizeLast(
  (
    facts: JobState['facts'],
    moment: Moment,
    visit: ReturnType<typeof shownVisit>,
    confirmed: Recorded['confirmed'],
    readings: Recorded['readings'],
    settingMarks: Recorded['settingMarks'],
    saved: Recorded['saved'],
    everyReading: Recorded['readings'],
  ) =>
    handoverRecord(
      {
        facts,
        confirmed,
        readings,
        everyReading,
        settingMarks,
        visit,
        earlier: earlierReadings(saved, visit),
        imported: saved.imported,
      },
      moment,
    ),
);

/** The record as it would print now; shared by all parts of the page. */
export const useRecordNow = (): HandoverRecord => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const readings = useJob((job) => job.readings);
  const settingMarks = useJob((job) => job.settingMarks);
  const visit = useJob(shownVisit);
  const saved = useJob((job) => job.saved);
  const moment = useMoment();
  const everyReading = useEveryReading();
  return recordOf(facts, moment, visit, confirmed, readings, settingMarks, saved, everyReading);
};
