'use client';

import { useCallback, useEffect, useState } from 'react';

/** A drag that goes on starts nothing new. */
const SETTLE_MS = 250;

/** What long work tells on its way: how far it is, from 0 to 1, and answers, of which the last one is whole. */
export interface WorkCallbacks<T> {
  readonly onShare: (share: number) => void;
  readonly onAnswer: (answer: T, isWhole: boolean) => void;
}

/** Begins work for a question; gives back what ends it. */
export type StartWork<Q, T> = (question: Q, tells: WorkCallbacks<T>) => () => void;

/**
 * Long work, away from the page. The last answer stays until the next is there; `share` is how far the next one is.
 * Canceled, it asks again only when the question changes or when told to.
 * @param question the same object as long as it is the same question; null: nothing is asked
 * @param begin the same function always
 * @param settleMs how long a question must stand before work on it begins
 */
export const useLongWork = <Q, T>(question: Q | null, begin: StartWork<Q, T>, settleMs = SETTLE_MS) => {
  const [answer, setAnswer] = useState<{ readonly to: Q; readonly answer: T; readonly isWhole: boolean } | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [cancelled, setCancelled] = useState<Q | null>(null);
  const isCancelled = question !== null && cancelled === question;
  useEffect(() => {
    if (question === null || isCancelled) return;
    let end = () => undefined as void;
    const timer = setTimeout(() => {
      setShare(0);
      end = begin(question, {
        // Progress may come in after the answer: by then it says nothing.
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
  }, [question, isCancelled, begin, settleMs]);
  const isOfThis = answer !== null && answer.to === question;
  return {
    answer: answer?.answer ?? null,
    /** Whether what stands is of this question, if only of a part of it. */
    isCurrent: isOfThis,
    isWhole: isOfThis && answer.isWhole,
    isCancelled,
    share,
    cancel: useCallback(() => setCancelled(question), [question]),
    again: useCallback(() => setCancelled(null), []),
  };
};
