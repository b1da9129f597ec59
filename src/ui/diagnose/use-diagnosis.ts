'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import { NO_FAULTS } from '@/core/control/scenario';
import type { TonightOption } from '@/core/diagnosis/tonight';
import type { DiagnosisView } from '@/core/diagnosis/trouble';
import { useJob } from '../job/provider';
import { useLastingWorker } from '../loading/use-lasting-worker';
import { startDiagnosisWorker } from './diagnosis-worker';

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
  readonly again: () => void;
  readonly askTonight: AskTonight;
} => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const outdoorF = useJob((job) => job.moment.outdoorF);
  const indoorF = useJob((job) => job.moment.indoorF);
  const { ask, hasFailed, again } = useLastingWorker(startDiagnosisWorker);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const question = useMemo(() => ({ facts, readings, outdoorF, indoorF }), [facts, readings, outdoorF, indoorF]);
  useEffect(() => {
    let isCurrent = true;
    const moment = {
      outdoorF: question.outdoorF,
      indoorF: question.indoorF,
      call: 'off',
      scenario: NO_FAULTS,
    } as const;
    ask((remote) => remote.judge(question.facts, moment, question.readings)).then(
      (trouble) => isCurrent && trouble && setAnswer({ to: question, trouble }),
      () => undefined,
    );
    return () => {
      isCurrent = false;
    };
  }, [question, ask]);
  const askTonight: AskTonight = useCallback(
    async (cause, tonightF) =>
      (await ask((remote) =>
        remote.tonight(
          question.facts,
          { outdoorF: question.outdoorF, indoorF: question.indoorF, call: 'off', scenario: NO_FAULTS },
          question.readings,
          cause,
          tonightF,
        ),
      ).catch(() => null)) ?? [],
    [question, ask],
  );
  return { trouble: answer?.trouble ?? null, isWorking: answer?.to !== question, hasFailed, again, askTonight };
};
