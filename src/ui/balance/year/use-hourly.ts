'use client';

import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { Facts } from '@/core/job/document';
import type { ComparedPlan } from '@/core/setup/ways/compare';
import type { LockoutPlan } from '@/core/setup/ways/way';
import type { YearWorker } from '@/workers/year.worker';
import { useWorkerTask } from '../../loading/use-worker-task';
import { workerTask } from '../../loading/worker-task';
import { startYearWorker } from './year-worker';

interface Asked {
  readonly facts: Facts;
  readonly ways: readonly LockoutPlan[];
  readonly hoursF: Float64Array;
}

const begin = workerTask<Asked, readonly ComparedPlan[], YearWorker>(
  startYearWorker,
  async (remote, { facts, ways, hoursF }, { onShare, onAnswer }) =>
    onAnswer(await remote.compare(facts, ways, hoursF, proxy(onShare)), true),
);

/** Plans hour by hour, from a worker. */
export const useHourly = (isWanted: boolean, facts: Facts, ways: readonly LockoutPlan[], hoursF: Float64Array | null) =>
  useWorkerTask(
    useMemo(() => (isWanted && hoursF !== null ? { facts, ways, hoursF } : null), [isWanted, facts, ways, hoursF]),
    begin,
  );
