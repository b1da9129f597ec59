'use client';

import { waitingReadings } from '@/core/job/countersign';
import { useJob } from '../job/provider';
import { lazyClient } from '../loading/lazy-client';

const Countersign = lazyClient(() => import('./countersign').then((module) => module.Countersign));

/** Number of an apprentice's readings that need a countersignature, with a button. */
export const CountersignLine = ({ keys }: { keys: readonly string[] }) => {
  const waiting = waitingReadings(useJob((job) => job.readings));
  return waiting.length > 0 && <Countersign waiting={waiting} keys={keys} />;
};
