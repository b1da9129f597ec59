import { act, renderHook } from '@testing-library/react';
import { blankProfile } from '@/core/setup/profiles/edit';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { setActingUser } from '../requests/acting-user';
import { useProfileDraft } from './use-profile-draft';

const stored = (name: string, revision: number): StoredProfile => ({
  profile: blankProfile('attic-1', name, 'thermostat'),
  revision,
  updatedAt: null,
  updatedBy: 'Bo',
});

/** Opens the editor's draft of a profile. */
const edit = (from: StoredProfile) => {
  const { result, unmount } = renderHook(() => useProfileDraft(from));
  return {
    unmount,
    draft: () => result.current,
    name: (to: string) => act(() => result.current.change((profile) => ({ ...profile, name: to }))),
    shows: () => `${result.current.state}: ${result.current.profile.name}`,
  };
};

/** The server's profile; null: out of reach. */
let server: StoredProfile | null;
const bodies: { readonly saveId: string; readonly baseRevision: number }[] = [];

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  bodies.length = 0;
  server = stored('first', 3);
  setActingUser({ personId: 'ana', crewId: 'crew' });
  globalThis.fetch = (async (_path: string, init: RequestInit) => {
    if (!server) throw new TypeError('no signal');
    const body = JSON.parse(init.body as string);
    bodies.push(body);
    if (body.baseRevision !== server.revision)
      return Response.json({ error: 'Someone saved it.', path: '', stored: server }, { status: 409 });
    server = { ...server, profile: body.profile, revision: server.revision! + 1 };
    return Response.json(server);
  }) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
test('an edit is saved after a moment, once for several letters', async () => {
  const editor = edit(server!);
  await pass(0);
  editor.name('s');
  editor.name('second');
  expect(editor.shows()).toBe('waiting: second');
  await pass(1000);
  expect([editor.shows(), bodies.length, server!.profile.name]).toEqual(['saved: second', 1, 'second']);
});

test('without a server it is kept, survives the page, and is the same save when the server is back', async () => {
  const first = server!;
  const before = edit(first);
  await pass(0);
  server = null;
  before.name('second');
  await pass(1000);
  expect(before.shows()).toBe('lost: second');
  before.unmount();
  server = first;
  const editor = edit(first);
  await pass(5000);
  expect([editor.shows(), server.profile.name, bodies.length]).toEqual(['saved: second', 'second', 1]);
  expect(Object.keys(localStorage).filter((key) => key.includes('draft'))).toEqual([]);
});

test.each([true, false])(
  'someone saved it since: it asks, and keeps what is chosen (theirs: %s)',
  async (takesTheirs) => {
    const editor = edit(server!);
    await pass(0);
    server = stored('of Bo', 4);
    editor.name('of Ana');
    await pass(1000);
    expect([editor.shows(), editor.draft().theirs?.profile.name, server.profile.name]).toEqual([
      'stale: of Ana',
      'of Bo',
      'of Bo',
    ]);
    act(() => editor.draft().settle(takesTheirs));
    await pass(1000);
    const chosen = takesTheirs ? 'of Bo' : 'of Ana';
    expect([editor.shows(), server.profile.name]).toEqual([`saved: ${chosen}`, chosen]);
  },
);

test('another person’s unsent edits are neither shown nor sent', async () => {
  const first = server!;
  server = null;
  const before = edit(first);
  await pass(0);
  before.name('of Ana');
  await pass(1000);
  before.unmount();
  server = first;
  setActingUser({ personId: 'bo', crewId: 'crew' });
  const editor = edit(first);
  await pass(5000);
  expect([editor.shows(), bodies]).toEqual(['saved: first', []]);
});
