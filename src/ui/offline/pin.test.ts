import { memoryStorage } from '../storage/memory-storage';
import { dropPin, hasPin, isOpenHere, setPin, tryPin } from './pin';

const ANA = 'ana';

beforeEach(() => {
  jest.useFakeTimers({ now: 1_000_000, doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask'] });
  Object.assign(globalThis, { localStorage: memoryStorage(), sessionStorage: memoryStorage() });
});
afterEach(() => jest.useRealTimers());

const newTab = () => Object.assign(globalThis, { sessionStorage: memoryStorage() });

test('a PIN is asked for in each new tab, of its own person only, and is not stored in plain text', async () => {
  expect([hasPin(ANA), isOpenHere(ANA)]).toEqual([false, true]);
  await setPin(ANA, '4711');
  expect([hasPin(ANA), isOpenHere(ANA), hasPin('bo'), isOpenHere('bo')]).toEqual([true, true, false, true]);
  expect(JSON.stringify(Object.entries(localStorage))).not.toContain('4711');
  newTab();
  expect(isOpenHere(ANA)).toBe(false);
  expect([await tryPin(ANA, '4712'), isOpenHere(ANA)]).toEqual(['wrong', false]);
  expect([await tryPin(ANA, '4711'), isOpenHere(ANA)]).toEqual(['right', true]);
  newTab();
  dropPin(ANA);
  expect(isOpenHere(ANA)).toBe(true);
});

test('after five wrong ones it waits, twice as long each time, up to an hour; even the right one waits', async () => {
  await setPin(ANA, '4711');
  newTab();
  const tried = [];
  for (let time = 0; time < 5; time++) tried.push(await tryPin(ANA, '0000'));
  expect(tried).toEqual(['wrong', 'wrong', 'wrong', 'wrong', { waitsS: 30 }]);
  expect(await tryPin(ANA, '4711')).toEqual({ waitsS: 30 });
  jest.advanceTimersByTime(30_000);
  expect(await tryPin(ANA, '0000')).toEqual({ waitsS: 60 });
  for (let time = 0; time < 10; time++) {
    jest.advanceTimersByTime(3_600_000);
    await tryPin(ANA, '0000');
  }
  expect(await tryPin(ANA, '4711')).toEqual({ waitsS: 3600 });
  jest.advanceTimersByTime(3_600_000);
  expect(await tryPin(ANA, '4711')).toBe('right');
  newTab();
  expect(await tryPin(ANA, '0000')).toBe('wrong');
}, 60_000);
