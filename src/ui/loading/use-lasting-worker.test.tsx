import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Remote } from 'comlink';
import { useEffect, useState } from 'react';
import { FailedTask } from '../kit/failed-task';
import { useLastingWorker } from './use-lasting-worker';
import { startedWorker } from './worker-task';

interface Adder {
  readonly add: (one: number) => Promise<number>;
}

/** Workers started so far, the last one last. */
let workers: (EventTarget & { isEnded: boolean })[] = [];
let add: (one: number) => Promise<number> = async (one) => one + 1;

const start = () => {
  const worker = Object.assign(new EventTarget(), { isEnded: false, terminate: () => (worker.isEnded = true) });
  workers.push(worker);
  return startedWorker<Adder>(worker as never, () => ({ add: (one: number) => add(one) }) as unknown as Remote<Adder>);
};

const Sum = ({ of }: { of: number }) => {
  const { ask, hasFailed, again } = useLastingWorker(start);
  const [sum, setSum] = useState<number | null>(null);
  useEffect(() => {
    ask((remote) => remote.add(of)).then(setSum, () => undefined);
  }, [ask, of]);
  return (
    <>
      <output>{sum ?? 'working'}</output>
      {hasFailed && <FailedTask words="It could not be added." onAgain={again} />}
    </>
  );
};

beforeEach(() => {
  workers = [];
  add = async (one) => one + 1;
});

test('one worker answers every question while the page is open, and ends with it', async () => {
  const { rerender, unmount } = render(<Sum of={1} />);
  expect(await screen.findByText('2')).toBeTruthy();
  rerender(<Sum of={7} />);
  expect(await screen.findByText('8')).toBeTruthy();
  unmount();
  expect(workers.map(({ isEnded }) => isEnded)).toEqual([true]);
});

test('a script that does not load is said, and trying again starts another', async () => {
  add = () => new Promise(() => undefined);
  render(<Sum of={1} />);
  act(() => void workers[0]!.dispatchEvent(new Event('error')));
  expect((await screen.findByRole('alert')).textContent).toContain('It could not be added.');
  add = async (one) => one + 1;
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByText('2')).toBeTruthy();
  expect(screen.queryByRole('alert')).toBe(null);
  expect(workers.map(({ isEnded }) => isEnded)).toEqual([true, false]);
});

test('a call that fails is said too', async () => {
  add = async () => {
    throw new Error('overflow');
  };
  render(<Sum of={1} />);
  expect(await screen.findByRole('alert')).toBeTruthy();
});

test('an answer after the page is gone goes nowhere', async () => {
  let answer: (sum: number) => void = () => undefined;
  add = () => new Promise((resolve) => (answer = resolve));
  const { unmount } = render(<Sum of={1} />);
  unmount();
  answer(2);
  await Promise.resolve();
  expect(screen.queryByText('2')).toBe(null);
});
