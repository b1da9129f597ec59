'use client';

import { startupOf } from '@/core/startup/startup-of';
import { useModel } from '../job/deferred-model';
import { useJob } from '../job/provider';
import { useDebouncedMoment } from '../job/use-debounced-moment';
import { StartupItem } from '../startup/item';

/** Items of a startup step on another page: the same readings and verdicts. */
export const PlannedItems = ({ step, isShown }: { step: string; isShown: (item: string) => boolean }) => {
  const model = useModel();
  const readings = useJob((job) => job.readings);
  const moment = useDebouncedMoment();
  const confirmed = useJob((job) => job.confirmed);
  const planned = startupOf(model, readings, moment, confirmed).find((each) => each.step.id === step);
  return (
    <ul>
      {planned?.items
        .filter(({ item }) => isShown(item.id))
        .map((item) => (
          <StartupItem key={item.key} planned={item} />
        ))}
    </ul>
  );
};
