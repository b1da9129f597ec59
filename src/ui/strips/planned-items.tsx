'use client';

import { startupPlan } from '@/core/startup/plan';
import { useJob } from '../job/provider';
import { StartupItem } from '../startup/item';

/** Some of a startup step's items on another page: the same readings, the same verdicts. */
export const PlannedItems = ({ step, isShown }: { step: string; isShown: (item: string) => boolean }) => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const planned = startupPlan(facts, readings, moment).find((each) => each.step.id === step);
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
