'use client';

import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { Facts } from '@/core/job/document';
import type { ComparedPlan } from '@/core/setup/ways/compare';
import type { LockoutPlan } from '@/core/setup/ways/way';
import { type StartWork, useLongWork } from '../../loading/use-long-work';
import { startYearWorker } from './year-worker';

interface Asked {
  readonly facts: Facts;
  readonly ways: readonly LockoutPlan[];
  readonly hoursF: Float64Array;
}

const begin: StartWork<Asked, readonly ComparedPlan[]> = ({ facts, ways, hoursF }, { onShare, onAnswer }) => {
  const worker = startYearWorker();
  void worker.remote.compare(facts, ways, hoursF, proxy(onShare)).then((compared) => {
    onAnswer(compared, true);
    worker.end();
  });
  return worker.end;
};

/** Plans hour by hour, from a worker. */
export const useHourly = (isWanted: boolean, facts: Facts, ways: readonly LockoutPlan[], hoursF: Float64Array | null) =>
  useLongWork(
    useMemo(() => (isWanted && hoursF !== null ? { facts, ways, hoursF } : null), [isWanted, facts, ways, hoursF]),
    begin,
  );
