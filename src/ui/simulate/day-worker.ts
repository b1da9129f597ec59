'use client';

import { wrap } from 'comlink';
import type { DayWorker } from '@/workers/day.worker';
import { type StartedWorker, startedWorker } from '../loading/worker-task';

/** A worker for one question; terminating it cancels the work. */
export const startDayWorker = (): StartedWorker<DayWorker> =>
  startedWorker<DayWorker>(
    new Worker(new URL('../../workers/day.worker.ts', import.meta.url), { type: 'module' }),
    wrap,
  );
