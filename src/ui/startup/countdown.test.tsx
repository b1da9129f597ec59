import { act, render, screen } from '@testing-library/react';
import { Countdown } from './countdown';

const wait = { seconds: 300, label: 'Compressor off time', why: 'Pressures equalize first.' } as never;

beforeEach(() => {
  jest.useFakeTimers({ now: 1_700_000_000_000 });
  localStorage.clear();
});
afterEach(() => jest.useRealTimers());

const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
const press = (name: RegExp) => act(() => screen.getByRole('button', { name }).click());
const timer = () => screen.getByRole('timer').textContent;

test('it counts down, continues through a reload, and says when it is done', async () => {
  const { unmount } = render(<Countdown name="heat" wait={wait} />);
  expect(timer()).toBe('5:00');
  press(/^Start/);
  await pass(60_000);
  expect(timer()).toBe('4:00');
  unmount();
  await pass(60_000);
  render(<Countdown name="heat" wait={wait} />);
  await pass(250);
  expect(timer()).toBe('3:00');
  await pass(200_000);
  expect([timer(), screen.getByText('done') !== null]).toEqual(['0:00', true]);
});

test('reset, it waits to be started again, after a reload too', async () => {
  const { unmount } = render(<Countdown name="heat" wait={wait} />);
  press(/^Start/);
  await pass(10_000);
  press(/^Reset/);
  expect(timer()).toBe('5:00');
  unmount();
  render(<Countdown name="heat" wait={wait} />);
  expect(screen.getByRole('button', { name: /^Start/ })).toBeTruthy();
});

test('two countdowns do not share a clock', async () => {
  render(
    <>
      <Countdown name="heat" wait={wait} />
      <Countdown name="cool" wait={wait} />
    </>,
  );
  act(() => screen.getAllByRole('button', { name: /^Start/ })[0]!.click());
  await pass(60_000);
  expect(screen.getAllByRole('timer').map(({ textContent }) => textContent)).toEqual(['4:00', '5:00']);
});
