'use client';

import { type Remote, wrap } from 'comlink';
import type { DayWorker } from '@/workers/day.worker';

/** A worker for one question; terminating it cancels the work. */
export const startDayWorker = (): { readonly remote: Remote<DayWorker>; readonly end: () => void } => {
  const worker = new Worker(new URL('../../workers/day.worker.ts', import.meta.url), { type: 'module' });
  return { remote: wrap<DayWorker>(worker), end: () => worker.terminate() };
};
