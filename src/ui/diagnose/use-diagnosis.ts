'use client';

import { type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { NO_FAULTS } from '@/core/control/scenario';
import type { TonightOption } from '@/core/diagnosis/tonight';
import type { DiagnosisView } from '@/core/diagnosis/trouble';
import type { DiagnosisWorker } from '@/workers/diagnosis.worker';
import { useJob } from '../job/provider';

interface Answer {
  readonly to: unknown;
  readonly trouble: DiagnosisView;
}

/** Options for tonight with a cause not fixed; tonight's low in °F. */
export type AskTonight = (cause: string, tonightF: number) => Promise<readonly TonightOption[]>;

/**
 * Diagnosis of this visit's readings, from a worker that keeps its table while the page is open. The last answer stays
 * until the next.
 */
export const useDiagnosis = (): {
  readonly trouble: DiagnosisView | null;
  readonly isWorking: boolean;
  readonly hasFailed: boolean;
  readonly askTonight: AskTonight;
} => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const outdoorF = useJob((job) => job.moment.outdoorF);
  const indoorF = useJob((job) => job.moment.indoorF);
  const remote = useRef<Remote<DiagnosisWorker> | null>(null);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const question = useMemo(() => ({ facts, readings, outdoorF, indoorF }), [facts, readings, outdoorF, indoorF]);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/diagnosis.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('error', () => setFailed(true));
    remote.current = wrap<DiagnosisWorker>(worker);
    return () => worker.terminate();
  }, []);
  useEffect(() => {
    let isCurrent = true;
    const moment = {
      outdoorF: question.outdoorF,
      indoorF: question.indoorF,
      call: 'off',
      scenario: NO_FAULTS,
    } as const;
    remote.current?.judge(question.facts, moment, question.readings).then(
      (trouble) => isCurrent && setAnswer({ to: question, trouble }),
      () => isCurrent && setFailed(true),
    );
    return () => {
      isCurrent = false;
    };
  }, [question]);
  const askTonight: AskTonight = useCallback(
    async (cause, tonightF) =>
      (await remote.current?.tonight(
        question.facts,
        { outdoorF: question.outdoorF, indoorF: question.indoorF, call: 'off', scenario: NO_FAULTS },
        question.readings,
        cause,
        tonightF,
      )) ?? [],
    [question],
  );
  return { trouble: answer?.trouble ?? null, isWorking: answer?.to !== question, hasFailed, askTonight };
};
