import { setTimeout as sleep } from 'node:timers/promises';
import { sharedWork } from './shared-work';

test('requests at the same time share one answer, and none that began before the request', async () => {
  const share = sharedWork<{ begun: number }>();
  let count = 0;
  const ask = async () => {
    const askedAt = performance.now();
    const { begun } = await share('same', async () => {
      count++;
      const answer = { begun: performance.now() };
      await sleep(10);
      return answer;
    });
    return begun >= askedAt;
  };
  const asked = [];
  for (let at = 0; at < 60; at++) {
    asked.push(ask());
    await sleep(1);
  }
  expect(new Set(await Promise.all(asked))).toEqual(new Set([true]));
  expect(count).toBeLessThan(30);
});

test('a failure fails for those who shared it, and starts again for the next', async () => {
  const share = sharedWork<string>();
  const fail = () => share('same', () => Promise.reject(new Error('no')));
  const ends = await Promise.allSettled([fail(), fail(), fail()]);
  expect(ends.map(({ status }) => status)).toEqual(['rejected', 'rejected', 'rejected']);
  expect(await share('same', async () => 'well')).toBe('well');
});
