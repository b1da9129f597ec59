import fc from 'fast-check';
import { runs } from '../../../tests/runs';
import { type Act, ACT_KINDS, liveTogether, PEOPLE_COUNT } from './fake-people';

const isSignIn = (kind: Act['kind']) => kind.startsWith('sign in');

const acts = fc.array(
  fc.oneof(
    fc.record({ kind: fc.constantFrom(...ACT_KINDS.filter(isSignIn)), who: fc.nat(PEOPLE_COUNT - 1) }),
    fc.record({ kind: fc.constantFrom(...ACT_KINDS.filter((kind) => !isSignIn(kind))) }),
  ),
  { maxLength: 24 },
);

test('whatever starts and ends on one device, each entry is sent once, as its author, and only by its author', () =>
  fc.assert(
    fc.asyncProperty(acts, async (all) => {
      expect(await liveTogether(all as Act[])).toBe('');
    }),
    { numRuns: runs(600) },
  ));

test.each([
  [
    'handed over and begun without signal, and only looked at by the next',
    [0, 'job begun', 'session ends', 1, 'looks'],
  ],
  ['a tab that stays open while another signs in', [0, 'entered', 'job begun', [1], 'looks']],
  ['signed out without signal', [0, 'signal lost', 'job begun', 'sign out', 'signal back', 1, 'looks']],
  ['a fault of the server in between', [0, 'fault comes', 'job begun', 'looks', 'fault goes']],
] as const)('%s', async (_, told) => {
  const all = told.map((each): Act => {
    if (typeof each === 'number') return { kind: 'sign in', who: each };
    return typeof each === 'string' ? ({ kind: each } as Act) : { kind: 'sign in in another tab', who: each[0] };
  });
  expect(await liveTogether(all)).toBe('');
});
