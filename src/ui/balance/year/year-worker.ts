'use client';

import { wrap } from 'comlink';
import type { YearWorker } from '@/workers/year.worker';
import { type StartedWorker, startedWorker } from '../../loading/worker-task';

/** A worker for one task; terminating it cancels the task. */
export const startYearWorker = (): StartedWorker<YearWorker> =>
  startedWorker<YearWorker>(
    new Worker(new URL('../../../workers/year.worker.ts', import.meta.url), { type: 'module' }),
    wrap,
  );
