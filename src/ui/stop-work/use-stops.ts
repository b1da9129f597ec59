import { useMemo } from 'react';
import { jobStops } from '@/core/startup/job-stops';
import { shutOffOf } from '@/core/startup/shut-off';
import { useModel, useMoment } from '../job/deferred-model';
import { useJob } from '../job/provider';

/** Readings of every visit, including waiting ones. */
export const useEveryReading = () => {
  const saved = useJob((job) => job.saved.readings);
  const readings = useJob((job) => job.readings);
  return useMemo(
    () => [...new Map([...saved, ...readings].map((each) => [each.id, each])).values()],
    [saved, readings],
  );
};

/** The job's active stops, and the progress of signing it as shut off. */
export const useStops = () => {
  const all = useEveryReading();
  const readings = useJob((job) => job.readings);
  const confirmed = useJob((job) => job.confirmed);
  const moment = useMoment();
  const model = useModel();
  return useMemo(() => {
    const stops = jobStops(model, readings, all, moment, confirmed);
    return { stops, shutOff: shutOffOf(stops, all) };
  }, [model, readings, all, moment, confirmed]);
};
