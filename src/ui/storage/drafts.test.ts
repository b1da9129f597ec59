import { goneTabs, holdTab, keepDraft, takeDrafts } from './drafts';
import { memoryStorage } from './memory-storage';

const openTab = () => void (globalThis.sessionStorage = memoryStorage());

beforeEach(() => {
  jest.useFakeTimers({ now: 1_700_000_000_000 });
  globalThis.localStorage = memoryStorage();
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

test('what somebody else entered on this device waits for him; what nobody signed is whoever’s', () => {
  keepDraft('one', { words: 'of Ana' }, 'ana');
  keepDraft('one', { words: 'of nobody' });
  openTab();
  jest.advanceTimersByTime(20_000);
  expect(takeDrafts<{ words: string }>('one', 'bo').map(({ words }) => words)).toEqual(['of nobody']);
  expect(takeDrafts<{ words: string }>('one', 'ana').map(({ words }) => words)).toEqual(['of Ana']);
});

test('a tab that the browser knows to be gone is taken over at once; this tab keeps what it writes', async () => {
  const held = new Set<string>();
  const locks = {
    request: (name: string) => {
      held.add(name);
      return Promise.resolve();
    },
    query: () => Promise.resolve({ held: [...held].map((name) => ({ name })) }),
  };
  Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { locks } });
  holdTab();
  keepDraft('one', { words: 'first tab' });
  openTab();
  holdTab();
  keepDraft('one', { words: 'second tab' });
  expect(takeDrafts('one', '', await goneTabs())).toEqual([]);
  const [first] = [...held];
  held.delete(first!);
  expect(takeDrafts<{ words: string }>('one', '', await goneTabs()).map(({ words }) => words)).toEqual(['first tab']);
  Object.defineProperty(globalThis, 'navigator', { configurable: true, value: undefined });
  expect((await goneTabs())('any')).toBe(false);
});
