import { goneTabs, holdTab, loadDrafts, saveDraft } from './drafts';
import { memoryStorage } from './memory-storage';

/** Reads a draft of words. */
const words = (value: unknown) =>
  ({ ok: true, value: { draft: value as { readonly words: string }, unread: null } }) as const;

const openTab = () => void (globalThis.sessionStorage = memoryStorage());

beforeEach(() => {
  jest.useFakeTimers({ now: 1_700_000_000_000 });
  globalThis.localStorage = memoryStorage();
  openTab();
});
afterEach(() => jest.useRealTimers());

test('a tab takes back its draft after a reload, once', () => {
  expect(saveDraft('one', { words: 'typed' })).toBe(true);
  expect(loadDrafts('one', words)).toEqual([expect.objectContaining({ words: 'typed' })]);
  expect(loadDrafts('one', words)).toEqual([]);
});

test('acknowledged, nothing is left; drafts of other jobs stay', () => {
  saveDraft('one', { words: 'typed' });
  saveDraft('two', { words: 'other' });
  saveDraft('one', null);
  expect([loadDrafts('one', words), loadDrafts('two', words).map((draft) => draft.words)]).toEqual([[], ['other']]);
});

test('an active tab keeps its own draft; a closed one’s is taken over, oldest first', () => {
  saveDraft('one', { words: 'first tab' });
  openTab();
  expect(loadDrafts('one', words)).toEqual([]);
  jest.advanceTimersByTime(20_000);
  saveDraft('one', { words: 'second tab' });
  expect(loadDrafts('one', words).map((draft) => draft.words)).toEqual(['first tab', 'second tab']);
});

test('one tab’s acknowledgment does not clear what another has entered', () => {
  saveDraft('one', { words: 'first tab' });
  openTab();
  saveDraft('one', { words: 'second tab' });
  saveDraft('one', null);
  jest.advanceTimersByTime(20_000);
  expect(loadDrafts('one', words).map((draft) => draft.words)).toEqual(['first tab']);
});

test('an unreadable draft, or a device without storage space, breaks nothing', () => {
  localStorage.setItem('gate-cross:draft:one:torn', '{');
  expect(loadDrafts('one', words)).toEqual([]);
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    writable: true,
    value: {
      setItem: () => {
        throw new Error('full');
      },
    },
  });
  expect(saveDraft('one', { words: 'typed' })).toBe(false);
  expect(loadDrafts('one', words)).toEqual([]);
});

test('another person’s entries on this device wait for that person; unsigned ones are anyone’s', () => {
  saveDraft('one', { words: 'of Ana' }, 'ana');
  saveDraft('one', { words: 'of nobody' });
  openTab();
  jest.advanceTimersByTime(20_000);
  expect(loadDrafts('one', words, 'bo').map((draft) => draft.words)).toEqual(['of nobody']);
  expect(loadDrafts('one', words, 'ana').map((draft) => draft.words)).toEqual(['of Ana']);
});

test('a tab that the browser knows is closed is taken over at once; this tab keeps what it writes', async () => {
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
  saveDraft('one', { words: 'first tab' });
  openTab();
  holdTab();
  saveDraft('one', { words: 'second tab' });
  expect(loadDrafts('one', words, '', await goneTabs())).toEqual([]);
  const [first] = [...held];
  held.delete(first!);
  expect(loadDrafts('one', words, '', await goneTabs()).map((draft) => draft.words)).toEqual(['first tab']);
  Object.defineProperty(globalThis, 'navigator', { configurable: true, value: undefined });
  expect((await goneTabs())('any')).toBe(false);
});
