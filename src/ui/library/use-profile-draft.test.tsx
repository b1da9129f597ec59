import { act, render, screen } from '@testing-library/react';
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

/** What the editor shows of a draft, and the last one for the test to act on. */
let draft: ReturnType<typeof useProfileDraft>;
const Editor = ({ from }: { from: StoredProfile }) => {
  const shown = useProfileDraft(from);
  draft = shown;
  return <output>{`${shown.state}: ${shown.profile.name}`}</output>;
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
const name = (to: string) => act(() => draft.change((profile) => ({ ...profile, name: to })));
const shows = () => screen.getByRole('status').textContent;

test('an edit is saved after a moment, once for several letters', async () => {
  render(<Editor from={server!} />);
  await pass(0);
  name('s');
  name('second');
  expect(shows()).toBe('waiting: second');
  await pass(1000);
  expect([shows(), bodies.length, server!.profile.name]).toEqual(['saved: second', 1, 'second']);
});

test('without a server it is kept, survives the page, and is the same save when the server is back', async () => {
  const first = server!;
  const { unmount } = render(<Editor from={first} />);
  await pass(0);
  server = null;
  name('second');
  await pass(1000);
  expect(shows()).toBe('lost: second');
  unmount();
  server = first;
  render(<Editor from={first} />);
  await pass(5000);
  expect([shows(), server.profile.name, bodies.length]).toEqual(['saved: second', 'second', 1]);
  expect(Object.keys(localStorage).filter((key) => key.includes('draft'))).toEqual([]);
});

test.each([true, false])(
  'someone saved it since: it asks, and keeps what is chosen (theirs: %s)',
  async (takesTheirs) => {
    render(<Editor from={server!} />);
    await pass(0);
    server = stored('of Bo', 4);
    name('of Ana');
    await pass(1000);
    expect([shows(), draft.theirs?.profile.name, server.profile.name]).toEqual(['stale: of Ana', 'of Bo', 'of Bo']);
    act(() => draft.settle(takesTheirs));
    await pass(1000);
    const chosen = takesTheirs ? 'of Bo' : 'of Ana';
    expect([shows(), server.profile.name]).toEqual([`saved: ${chosen}`, chosen]);
  },
);

test('another person’s unsent edits are neither shown nor sent', async () => {
  const first = server!;
  server = null;
  const { unmount } = render(<Editor from={first} />);
  await pass(0);
  name('of Ana');
  await pass(1000);
  unmount();
  server = first;
  setActingUser({ personId: 'bo', crewId: 'crew' });
  render(<Editor from={first} />);
  await pass(5000);
  expect([shows(), bodies]).toEqual(['saved: first', []]);
});
