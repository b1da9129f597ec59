'use client';

import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { Facts } from '@/core/job/document';
import type { ComparedWay } from '@/core/setup/ways/compare';
import type { Way } from '@/core/setup/ways/way';
import { type BeginWork, useLongWork } from '../../loading/use-long-work';
import { startYearWorker } from './year-worker';

interface Asked {
  readonly facts: Facts;
  readonly ways: readonly Way[];
  readonly hoursF: Float64Array;
}

const begin: BeginWork<Asked, readonly ComparedWay[]> = ({ facts, ways, hoursF }, { onShare, onAnswer }) => {
  const worker = startYearWorker();
  void worker.remote.compare(facts, ways, hoursF, proxy(onShare)).then((compared) => {
    onAnswer(compared, true);
    worker.end();
  });
  return worker.end;
};

/** The ways hour by hour, from a worker. */
export const useHourly = (isWanted: boolean, facts: Facts, ways: readonly Way[], hoursF: Float64Array | null) =>
  useLongWork(
    useMemo(() => (isWanted && hoursF !== null ? { facts, ways, hoursF } : null), [isWanted, facts, ways, hoursF]),
    begin,
  );
