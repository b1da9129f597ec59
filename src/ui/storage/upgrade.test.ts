import { KEYS, STORAGE_VERSION } from './keys';
import { memoryStorage } from './memory-storage';
import { upgradeStorage } from './upgrade';

beforeEach(() => Object.assign(globalThis, { localStorage: memoryStorage() }));

const requests = [
  { id: 'one', words: 'New job: Attic' },
  { id: 'two', words: 'Note: Bring the label' },
];
const stored = () =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(KEYS.requests))
    .map((key) => JSON.parse(localStorage.getItem(key)!));

test('the list of version 1 becomes a key for each request, once', () => {
  localStorage.setItem(KEYS.requestList, JSON.stringify(requests));
  upgradeStorage();
  upgradeStorage();
  expect(stored()).toEqual(requests);
  expect([localStorage.getItem(KEYS.requestList), localStorage.getItem(KEYS.version)]).toEqual([
    null,
    String(STORAGE_VERSION),
  ]);
});

test('a list that a killed browser brings back is taken in again', () => {
  upgradeStorage();
  localStorage.setItem(KEYS.requestList, JSON.stringify(requests));
  upgradeStorage();
  expect(stored()).toEqual(requests);
});

test.each(['{', '7', '"text"', '[7, null, {}]'])('%s: nothing to take over, and nothing breaks', (text) => {
  localStorage.setItem(KEYS.requestList, text);
  upgradeStorage();
  expect(stored()).toEqual([]);
});

test('a device without space keeps the list until it has some', () => {
  const roomy = localStorage;
  roomy.setItem(KEYS.requestList, JSON.stringify(requests));
  const full = () => {
    throw new Error('no room');
  };
  Object.assign(globalThis, {
    localStorage: new Proxy(roomy, { get: (of, name) => (name === 'setItem' ? full : Reflect.get(of, name)) }),
  });
  upgradeStorage();
  expect(JSON.parse(roomy.getItem(KEYS.requestList)!)).toEqual(requests);
  Object.assign(globalThis, { localStorage: roomy });
  upgradeStorage();
  expect(stored()).toEqual(requests);
});
