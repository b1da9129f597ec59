'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { SOUND } from '@/core/control/scenario';
import type { Trouble } from '@/core/diagnosis/trouble';
import type { TroubleWorker } from '@/workers/trouble.worker';
import { useJob } from '../job/provider';

interface Answer {
  readonly to: unknown;
  readonly trouble: Trouble;
}

/**
 * Where the search stands for this visit's readings, from a worker that keeps its table while the page lives. The last
 * answer stays until the next is there.
 */
export const useTrouble = (): {
  readonly trouble: Trouble | null;
  readonly isWorking: boolean;
  readonly hasFailed: boolean;
} => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const outdoorF = useJob((job) => job.moment.outdoorF);
  const indoorF = useJob((job) => job.moment.indoorF);
  const remote = useRef<Remote<TroubleWorker> | null>(null);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const question = useMemo(() => ({ facts, readings, outdoorF, indoorF }), [facts, readings, outdoorF, indoorF]);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/trouble.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('error', () => setFailed(true));
    remote.current = wrap<TroubleWorker>(worker);
    return () => worker.terminate();
  }, []);
  useEffect(() => {
    let isCurrent = true;
    const moment = { outdoorF: question.outdoorF, indoorF: question.indoorF, call: 'off', scenario: SOUND } as const;
    remote.current?.judge(question.facts, moment, question.readings).then(
      (trouble) => isCurrent && setAnswer({ to: question, trouble }),
      () => isCurrent && setFailed(true),
    );
    return () => {
      isCurrent = false;
    };
  }, [question]);
  return { trouble: answer?.trouble ?? null, isWorking: answer?.to !== question, hasFailed };
};
