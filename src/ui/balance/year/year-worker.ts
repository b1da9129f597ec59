'use client';

import { type Remote, wrap } from 'comlink';
import type { YearWorker } from '@/workers/year.worker';

/** A worker for one task; terminating it cancels the task. */
export const startYearWorker = (): { readonly remote: Remote<YearWorker>; readonly end: () => void } => {
  const worker = new Worker(new URL('../../../workers/year.worker.ts', import.meta.url), { type: 'module' });
  return { remote: wrap<YearWorker>(worker), end: () => worker.terminate() };
};
