'use client';

import { waitingReadings } from '@/core/job/countersign';
import { useJob } from '../job/provider';
import { lazyClient } from '../loading/lazy-client';

const Countersign = lazyClient(() => import('./countersign').then((module) => module.Countersign));

/** Where readings of an apprentice wait for someone to mean them: how many, and how. */
export const CountersignLine = ({ keys }: { keys: readonly string[] }) => {
  const waiting = waitingReadings(useJob((job) => job.readings));
  return waiting.length > 0 && <Countersign waiting={waiting} keys={keys} />;
};
