import { parentPort } from 'node:worker_threads';
import { TASKS } from './tasks';

/** An incoming task; its result or error is returned under its number. */
interface Asked {
  readonly number: number;
  readonly name: keyof typeof TASKS;
  readonly input: never;
}

parentPort?.on('message', ({ number, name, input }: Asked) => {
  try {
    parentPort?.postMessage({ number, output: (TASKS[name] as (input: never) => unknown)(input) });
  } catch (problem) {
    parentPort?.postMessage({ number, problem: String((problem as Error).stack ?? problem) });
  }
});
