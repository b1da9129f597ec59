'use client';

import { useCallback, useEffect, useState } from 'react';
import type { StartTask } from './worker-task';

/** Delay before work starts, so that a continuing drag starts none. */
const SETTLE_MS = 250;

/**
 * A task off the page's thread. The last answer stays until the next; `share` is the progress of the next. Once it is
 * canceled or has failed, it restarts only when the question changes or on request.
 * @param question the same object as long as it is the same question; null: no task
 * @param begin always the same function
 * @param settleMs delay before a task starts
 */
export const useWorkerTask = <Q, T>(question: Q | null, begin: StartTask<Q, T>, settleMs = SETTLE_MS) => {
  const [answer, setAnswer] = useState<{ readonly to: Q; readonly answer: T; readonly isWhole: boolean } | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [stopped, setStopped] = useState<{ readonly at: Q; readonly by: 'cancel' | 'failure' } | null>(null);
  const stop = question !== null && stopped?.at === question ? stopped.by : null;
  const isStopped = stop !== null;
  useEffect(() => {
    if (question === null || isStopped) return;
    let end = () => undefined as void;
    const timer = setTimeout(() => {
      setShare(0);
      end = begin(question, {
        // Progress that arrives after the answer is ignored.
        onShare: (next) => setShare((now) => (now === null ? null : next)),
        onAnswer: (next, isWhole) => {
          setAnswer({ to: question, answer: next, isWhole });
          if (isWhole) setShare(null);
        },
        onFailure: () => setStopped({ at: question, by: 'failure' }),
      });
    }, settleMs);
    return () => {
      clearTimeout(timer);
      end();
      setShare(null);
    };
  }, [question, isStopped, begin, settleMs]);
  const isOfThis = answer !== null && answer.to === question;
  return {
    answer: answer?.answer ?? null,
    /** Whether the present answer belongs to this question, if only to part of it. */
    isCurrent: isOfThis,
    isWhole: isOfThis && answer.isWhole,
    isCanceled: stop === 'cancel',
    hasFailed: stop === 'failure',
    share,
    cancel: useCallback(() => question !== null && setStopped({ at: question, by: 'cancel' }), [question]),
    again: useCallback(() => setStopped(null), []),
  };
};
