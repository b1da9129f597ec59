import type { Remote } from 'comlink';
import { startedWorker, type TaskCallbacks, workerTask } from './worker-task';

interface Offered {
  readonly double: (value: number) => Promise<number>;
}

/** A worker without a script: events and ends are ours. */
class FakeWorker extends EventTarget {
  ended = 0;
  terminate() {
    this.ended++;
  }
}

const settle = () => new Promise((done) => setTimeout(done, 0));

const begun = (double: Offered['double']) => {
  const worker = new FakeWorker();
  const seen: string[] = [];
  const callbacks: TaskCallbacks<number> = {
    onShare: (share) => seen.push(`share ${share}`),
    onAnswer: (answer, isWhole) => seen.push(`${isWhole ? 'answer' : 'part'} ${answer}`),
    onFailure: () => seen.push('failed'),
  };
  const task = workerTask<number, number, Offered>(
    () => startedWorker(worker as unknown as Worker, () => ({ double }) as unknown as Remote<Offered>),
    async (remote, question, { onShare, onAnswer }) => {
      onShare(0.5);
      onAnswer(question, false);
      onAnswer(await remote.double(question), true);
    },
  );
  return { worker, seen, cancel: task(21, callbacks) };
};

test('a task answers, with progress and in parts, and its worker ends with it', async () => {
  const { worker, seen } = begun(async (value) => 2 * value);
  await settle();
  expect(seen).toEqual(['share 0.5', 'part 21', 'answer 42']);
  expect(worker.ended).toBe(1);
});

test('a task that rejects is reported as failed, once, and its worker ends', async () => {
  const { worker, seen } = begun(() => Promise.reject(new Error('no such day')));
  await settle();
  expect(seen).toEqual(['share 0.5', 'part 21', 'failed']);
  expect(worker.ended).toBe(1);
});

test.each(['error', 'messageerror'])('a worker that ends in %s fails the task that waits for it', async (kind) => {
  const { worker, seen } = begun(() => new Promise(() => undefined));
  await settle();
  worker.dispatchEvent(new Event(kind));
  await settle();
  expect(seen.at(-1)).toBe('failed');
  expect(worker.ended).toBe(1);
});

test('a canceled task calls nothing back, whatever comes later', async () => {
  let answer = (_value: number) => undefined as void;
  const { worker, seen, cancel } = begun(() => new Promise((resolve) => (answer = resolve)));
  cancel();
  const before = [...seen];
  answer(42);
  worker.dispatchEvent(new Event('error'));
  await settle();
  expect(seen).toEqual(before);
  expect(worker.ended).toBeGreaterThan(0);
});

test('a worker that cannot be started fails the task', async () => {
  const seen: string[] = [];
  workerTask<number, number, Offered>(
    () => {
      throw new Error('no workers here');
    },
    async () => undefined,
  )(1, { onShare: () => undefined, onAnswer: () => undefined, onFailure: () => seen.push('failed') });
  await settle();
  expect(seen).toEqual(['failed']);
});
