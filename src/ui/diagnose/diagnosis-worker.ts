import { wrap } from 'comlink';
import type { DiagnosisWorker } from '@/workers/diagnosis.worker';
import { type StartedWorker, startedWorker } from '../loading/worker-task';

/** A worker that keeps the table of a job's possible causes between questions. */
export const startDiagnosisWorker = (): StartedWorker<DiagnosisWorker> =>
  startedWorker<DiagnosisWorker>(
    new Worker(new URL('../../workers/diagnosis.worker.ts', import.meta.url), { type: 'module' }),
    wrap,
  );
