import type { Remote } from 'comlink';

/** A started worker: what it offers, how to ask it, and how to end it. */
export interface StartedWorker<W> {
  readonly remote: Remote<W>;
  /** Asks it; rejects if the call fails, the script fails to load, or it throws outside a call. */
  readonly ask: <T>(call: (remote: Remote<W>) => Promise<T>) => Promise<T>;
  readonly end: () => void;
}

/** Callbacks of a task: progress from 0 to 1, answers (the last of which is complete), or failure. */
export interface TaskCallbacks<T> {
  readonly onShare: (share: number) => void;
  readonly onAnswer: (answer: T, isWhole: boolean) => void;
  readonly onFailure: () => void;
}

/** Starts a task on a question; returns how to cancel it. After a cancel nothing is called back. */
export type StartTask<Q, T> = (question: Q, callbacks: TaskCallbacks<T>) => () => void;

/** A worker with its errors as a rejection, so that no call waits forever for a script that did not load. */
export const startedWorker = <W>(worker: Worker, wrap: (worker: Worker) => Remote<W>): StartedWorker<W> => {
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) => reject(new Error(event.message || 'the worker did not load')));
    worker.addEventListener('messageerror', () => reject(new Error('a message of the worker could not be read')));
  });
  // A failure that no call waits for concerns no one.
  broken.catch(() => undefined);
  const remote = wrap(worker);
  return { remote, ask: (call) => Promise.race([call(remote), broken]), end: () => worker.terminate() };
};

/**
 * A task that runs in its own worker, which ends with it.
 * @param start starts the worker
 * @param run the task: answers by its callbacks, rejects if it fails
 */
export const workerTask =
  <Q, T, W>(
    start: () => StartedWorker<W>,
    run: (remote: Remote<W>, question: Q, callbacks: Omit<TaskCallbacks<T>, 'onFailure'>) => Promise<void>,
  ): StartTask<Q, T> =>
  (question, { onShare, onAnswer, onFailure }) => {
    let isOver = false;
    let end = () => undefined as void;
    const over = () => {
      isOver = true;
      end();
    };
    const work = async () => {
      const worker = start();
      end = worker.end;
      await worker.ask((remote) =>
        run(remote, question, {
          onShare: (share) => void (isOver || onShare(share)),
          onAnswer: (answer, isWhole) => void (isOver || onAnswer(answer, isWhole)),
        }),
      );
    };
    void work()
      .catch(() => {
        if (!isOver) onFailure();
      })
      .finally(over);
    return over;
  };
