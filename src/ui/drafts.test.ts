import { keepDraft, takeDrafts } from './drafts';

/** A browser's storage, as much of it as drafts need. */
const storage = () => {
  const kept: Record<string, string> = {};
  Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    setItem: { value: (key: string, value: string) => void (kept[key] = value) },
    removeItem: { value: (key: string) => delete kept[key] },
  });
  return kept as unknown as Storage;
};
const openTab = () => void (globalThis.sessionStorage = storage());

beforeEach(() => {
  jest.useFakeTimers({ now: 1_700_000_000_000 });
  globalThis.localStorage = storage();
  openTab();
});
afterEach(() => jest.useRealTimers());

test('what a tab kept it takes back after a reload, once', () => {
  expect(keepDraft('one', { words: 'typed' })).toBe(true);
  expect(takeDrafts('one')).toEqual([expect.objectContaining({ words: 'typed' })]);
  expect(takeDrafts('one')).toEqual([]);
});

test('acknowledged, there is nothing left; another thing’s draft stays', () => {
  keepDraft('one', { words: 'typed' });
  keepDraft('two', { words: 'other' });
  keepDraft('one', null);
  expect([takeDrafts('one'), takeDrafts<{ words: string }>('two').map(({ words }) => words)]).toEqual([[], ['other']]);
});

test('a tab that still writes keeps its own; one that is gone is taken over, oldest first', () => {
  keepDraft('one', { words: 'first tab' });
  openTab();
  expect(takeDrafts('one')).toEqual([]);
  jest.advanceTimersByTime(20_000);
  keepDraft('one', { words: 'second tab' });
  expect(takeDrafts<{ words: string }>('one').map(({ words }) => words)).toEqual(['first tab', 'second tab']);
});

test('one tab’s acknowledgement does not clear what another has typed', () => {
  keepDraft('one', { words: 'first tab' });
  openTab();
  keepDraft('one', { words: 'second tab' });
  keepDraft('one', null);
  jest.advanceTimersByTime(20_000);
  expect(takeDrafts<{ words: string }>('one').map(({ words }) => words)).toEqual(['first tab']);
});

test('a draft that cannot be read, or a device without room, breaks nothing', () => {
  localStorage.setItem('gate-cross:draft:one:torn', '{');
  expect(takeDrafts('one')).toEqual([]);
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    writable: true,
    value: {
      setItem: () => {
        throw new Error('full');
      },
    },
  });
  expect(keepDraft('one', { words: 'typed' })).toBe(false);
  expect(takeDrafts('one')).toEqual([]);
});
