import { Worker } from 'node:worker_threads';
import { beforeClosing } from '../database';
import { type TaskName, TASKS, type Tasks } from './tasks';

/** A task failed in its thread; the message has the reason. */
export class TaskFailed extends Error {}

interface Waiting {
  readonly done: (output: never) => void;
  readonly failed: (problem: Error) => void;
}

interface Answered {
  readonly number: number;
  readonly output?: never;
  readonly problem?: string;
}

/** Idle time after which a thread ends, ms: it holds a second copy of core. */
const IDLE_MS = 60_000;

/** A separate thread per kind of task: a large file does not hold up the job list. */
interface Thread {
  readonly worker: Worker;
  readonly waiting: Map<number, Waiting>;
  idle: ReturnType<typeof setTimeout> | undefined;
}

const threads = new Map<TaskName, Thread>();
let lastNumber = 0;

const begin = (name: TaskName): Thread => {
  const worker = new Worker(new URL('./task.worker.ts', import.meta.url));
  const thread: Thread = { worker, waiting: new Map(), idle: undefined };
  const end = (problem: Error) => {
    threads.delete(name);
    for (const { failed } of thread.waiting.values()) failed(problem);
    thread.waiting.clear();
  };
  worker.unref();
  worker.on('message', ({ number, output, problem }: Answered) => {
    const waiting = thread.waiting.get(number);
    thread.waiting.delete(number);
    if (problem === undefined) waiting?.done(output as never);
    else waiting?.failed(new TaskFailed(problem));
    if (thread.waiting.size > 0) return;
    thread.idle = setTimeout(() => {
      threads.delete(name);
      void worker.terminate();
    }, IDLE_MS);
    thread.idle.unref();
  });
  worker.on('error', end);
  worker.on('exit', () => end(new TaskFailed('The thread ended.')));
  threads.set(name, thread);
  return thread;
};

/** Whether this is the built application: scripts and tests have no built thread, and block no one. */
const hasThreads = (): boolean => process.env.NEXT_RUNTIME === 'nodejs';

beforeClosing(async () => {
  for (const { worker } of threads.values()) await worker.terminate();
});

/**
 * Runs a task outside of the request thread.
 * @throws TaskFailed where it failed
 */
export const inThread = <N extends TaskName>(name: N, input: Tasks[N]['input']): Promise<Tasks[N]['output']> => {
  if (!hasThreads()) return Promise.resolve().then(() => TASKS[name](input));
  const thread = threads.get(name) ?? begin(name);
  clearTimeout(thread.idle);
  const number = ++lastNumber;
  return new Promise((done, failed) => {
    thread.waiting.set(number, { done, failed });
    thread.worker.postMessage({ number, name, input });
  });
};
