'use client';

import { proxy } from 'comlink';
import { useCallback, useEffect, useState } from 'react';
import type { Facts } from '@/core/job/document';
import type { ComparedWay } from '@/core/setup/ways/compare';
import type { Way } from '@/core/setup/ways/way';
import { startYearWorker } from './year-worker';

/** A drag that goes on starts nothing new. */
const SETTLE_MS = 250;

interface Asked {
  readonly facts: Facts;
  readonly ways: readonly Way[];
  readonly hoursF: Float64Array;
}

/**
 * The ways hour by hour, from a worker. The last answer stays until the next is there; `share` is how far the next one
 * is. Cancelled, it asks again only when something changes or when told to.
 */
export const useHourly = (isWanted: boolean, facts: Facts, ways: readonly Way[], hoursF: Float64Array | null) => {
  const [answer, setAnswer] = useState<{ readonly to: Asked; readonly compared: readonly ComparedWay[] } | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [cancelled, setCancelled] = useState<Facts | null>(null);
  const isCancelled = cancelled === facts;
  useEffect(() => {
    if (!isWanted || hoursF === null || isCancelled) return;
    let end = () => undefined as void;
    const timer = setTimeout(() => {
      const worker = startYearWorker();
      end = worker.end;
      setShare(0);
      // Progress may come in after the answer: by then it says nothing.
      const onShare = (next: number) => setShare((now) => (now === null ? null : next));
      void worker.remote.compare(facts, ways, hoursF, proxy(onShare)).then((compared) => {
        setAnswer({ to: { facts, ways, hoursF }, compared });
        setShare(null);
        worker.end();
      });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      end();
      setShare(null);
    };
  }, [isWanted, facts, ways, hoursF, isCancelled]);
  const isCurrent =
    answer !== null && answer.to.facts === facts && answer.to.ways === ways && answer.to.hoursF === hoursF;
  return {
    compared: answer?.compared ?? null,
    isCurrent,
    isCancelled,
    share,
    cancel: useCallback(() => setCancelled(facts), [facts]),
    again: useCallback(() => setCancelled(null), []),
  };
};
