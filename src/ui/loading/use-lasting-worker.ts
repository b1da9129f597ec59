'use client';

import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { StartedWorker } from './worker-task';

/** Asks a worker; null where it was ended before it answered. Rejects if it did not load, or the call failed. */
export type AskWorker<W> = <T>(call: (remote: Remote<W>) => Promise<T>) => Promise<T | null>;

/**
 * A worker that lives as long as the component, as where it keeps a table between questions.
 * @param start always the same function
 * @returns `ask`, which changes when the worker is started again: effects that depend on it ask again
 */
export const useLastingWorker = <W>(start: () => StartedWorker<W>) => {
  const [turn, setTurn] = useState(0);
  const [failedAt, setFailedAt] = useState<number | null>(null);
  const worker = useRef<StartedWorker<W> | null>(null);
  useEffect(() => {
    const started = start();
    worker.current = started;
    return () => {
      worker.current = null;
      started.end();
    };
  }, [start, turn]);
  const ask: AskWorker<W> = useCallback(
    async (call) => {
      const asked = worker.current;
      if (!asked) return null;
      try {
        const answer = await asked.ask(call);
        return worker.current === asked ? answer : null;
      } catch (problem) {
        if (worker.current !== asked) return null;
        setFailedAt(turn);
        throw problem;
      }
    },
    [turn],
  );
  return {
    ask,
    hasFailed: failedAt === turn,
    /** Starts the worker again, after a failure. */
    again: useCallback(() => setTurn((before) => before + 1), []),
  };
};
