import { retryDelayMs } from './retry';

test('retries wait longer and longer, up to 20 s, and half of each wait is chance', () => {
  expect([0, 1, 2, 3, 4, 5, 50].map((lost) => retryDelayMs(lost, 1))).toEqual([
    3000, 3000, 3000, 6000, 12_000, 20_000, 20_000,
  ]);
  expect([retryDelayMs(0, 0), retryDelayMs(0, 0.5), retryDelayMs(5, 0)]).toEqual([1500, 2250, 10_000]);
});
