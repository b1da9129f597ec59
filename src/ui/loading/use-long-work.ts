'use client';

import { useCallback, useEffect, useState } from 'react';

/** Delay before work starts, so that a continuing drag starts none. */
const SETTLE_MS = 250;

/** Callbacks of long work: progress from 0 to 1, and answers, the last of which is complete. */
export interface WorkCallbacks<T> {
  readonly onShare: (share: number) => void;
  readonly onAnswer: (answer: T, isWhole: boolean) => void;
}

/** Starts work on a question; returns how to cancel it. */
export type StartWork<Q, T> = (question: Q, tells: WorkCallbacks<T>) => () => void;

/**
 * Long work outside of the page. The last answer stays until the next; `share` is the progress of the next. Once
 * canceled, it restarts only when the question changes or on request.
 * @param question the same object as long as it is the same question; null: no work
 * @param begin always the same function
 * @param settleMs delay before work on a question starts
 */
export const useLongWork = <Q, T>(question: Q | null, begin: StartWork<Q, T>, settleMs = SETTLE_MS) => {
  const [answer, setAnswer] = useState<{ readonly to: Q; readonly answer: T; readonly isWhole: boolean } | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [canceled, setCanceled] = useState<Q | null>(null);
  const isCanceled = question !== null && canceled === question;
  useEffect(() => {
    if (question === null || isCanceled) return;
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
      });
    }, settleMs);
    return () => {
      clearTimeout(timer);
      end();
      setShare(null);
    };
  }, [question, isCanceled, begin, settleMs]);
  const isOfThis = answer !== null && answer.to === question;
  return {
    answer: answer?.answer ?? null,
    /** Whether the present answer belongs to this question, if only to part of it. */
    isCurrent: isOfThis,
    isWhole: isOfThis && answer.isWhole,
    isCanceled,
    share,
    cancel: useCallback(() => setCanceled(question), [question]),
    again: useCallback(() => setCanceled(null), []),
  };
};
