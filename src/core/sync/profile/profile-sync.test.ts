import fc from 'fast-check';
import { sameValue } from '../../job/document';
import { blankProfile } from '../../setup/profiles/edit';
import type { ControllerProfile } from '../../setup/profiles/profile';
import type { StoredProfile } from '../../setup/profiles/stored-profile';
import type { Answer } from '../answer';
import { fakeLine, type Fate, FATES } from '../fake-line';
import { runSync } from '../run';
import type { CommonEvent, SyncRequest } from '../step';
import type { ProfileDraft, SendingProfile } from './draft';
import { profileAtRest, type ProfileEvent, profileMachine, type ProfileSync } from './profile-sync';

const profile = (name: string): ControllerProfile => ({ ...blankProfile('porch-1', name, 'thermostat') });

/** An in-memory server with revisions and save ids like the real one. */
const profileServer = () => {
  let stored: StoredProfile = { profile: profile('first'), revision: 1, updatedAt: null, updatedBy: '' };
  const landed = new Set<string>();
  const names: string[] = ['first'];
  return {
    stored: () => stored,
    /** Every name that was ever the saved one, in order. */
    names,
    answer: async ({ body }: SyncRequest): Promise<Answer<unknown>> => {
      const { saveId, baseRevision, profile: next } = body as SendingProfile;
      if (landed.has(saveId)) return { kind: 'ok', value: stored };
      if (baseRevision !== stored.revision)
        return { kind: 'refused', status: 409, error: 'Someone saved it.', path: '', body: { stored } };
      landed.add(saveId);
      stored = { ...stored, profile: next, revision: stored.revision! + 1 };
      names.push(next.name);
      return { kind: 'ok', value: stored };
    },
  };
};

type Server = ReturnType<typeof profileServer>;

const profileDevice = (server: Server) => {
  /** Names that the person on this device has seen saved. */
  let seen: ReadonlySet<string> = new Set(['first']);
  let overwritten: readonly string[] = [];
  let state = profileAtRest(server.stored());
  let tell: (event: ProfileEvent | CommonEvent) => void = () => undefined;
  const line = fakeLine<ProfileDraft, ReadonlySet<string>>(
    async (request, saw) => {
      const before = server.stored();
      const answer = await server.answer(request);
      const isNew = server.stored().revision !== before.revision;
      if (isNew && !saw.has(before.profile.name)) overwritten = [...overwritten, before.profile.name];
      return answer;
    },
    () => seen,
  );
  const take = (next: ProfileSync) => {
    state = next;
    seen = new Set([...seen, next.saved.profile.name]);
  };
  const open = (stored: StoredProfile) => {
    take(profileAtRest(stored));
    tell = runSync(profileMachine, { get: () => state, set: take }, line.open());
    const draft = line.stored();
    tell({ kind: 'found', drafts: draft ? [draft] : [] });
  };
  open(server.stored());
  return {
    state: () => state,
    overwritten: () => overwritten,
    waits: line.waits,
    comesDue: line.comesDue,
    meets: line.meets,
    edits: (name: string) => {
      seen = new Set([...seen, name]);
      tell({ kind: 'edited', profile: profile(name), inMs: 700 });
    },
    reopens: () => open(server.stored()),
    settles: async (takesTheirs: boolean) => {
      const { theirs } = state;
      if (!theirs) return;
      seen = new Set([...seen, theirs.profile.name]);
      tell({ kind: 'settled', takesTheirs });
      await line.settle();
    },
  };
};

type Device = ReturnType<typeof profileDevice>;

const settleAll = async (devices: readonly Device[]): Promise<void> => {
  for (let turn = 0; turn < 200; turn++) {
    for (const device of devices) {
      await device.meets('answered');
      await device.settles(false);
      await device.comesDue();
    }
    if (devices.every((device) => !device.waits() && !device.state().theirs)) return;
  }
};

type Act =
  | readonly ['edits', number]
  | readonly ['comes due' | 'reopens' | 'edits back', number]
  | readonly ['settles', number, boolean]
  | readonly ['meets', number, Fate];

const which = fc.nat({ max: 2 });
const anAct: fc.Arbitrary<Act> = fc.oneof(
  { weight: 4, arbitrary: fc.tuple(fc.constant('edits' as const), which) },
  { weight: 6, arbitrary: fc.tuple(fc.constant('comes due' as const), which) },
  { weight: 6, arbitrary: fc.tuple(fc.constant('meets' as const), which, fc.constantFrom(...FATES)) },
  { weight: 2, arbitrary: fc.tuple(fc.constant('settles' as const), which, fc.boolean()) },
  { weight: 2, arbitrary: fc.tuple(fc.constantFrom('reopens' as const, 'edits back' as const), which) },
);

test('three devices edit one profile, a network that drops messages at random: nothing is overwritten unseen', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anAct, { maxLength: 60 }), async (acts) => {
      const server = profileServer();
      const devices = [profileDevice(server), profileDevice(server), profileDevice(server)];
      const entered = ['first'];
      const edit = (device: Device, name: string) => {
        entered.push(name);
        device.edits(name);
      };
      for (const [at, act] of acts.entries()) {
        const device = devices[act[1]]!;
        if (act[0] === 'edits') edit(device, `edit ${at}`);
        else if (act[0] === 'edits back') edit(device, device.state().saved.profile.name);
        else if (act[0] === 'comes due') await device.comesDue();
        else if (act[0] === 'meets') await device.meets(act[2]);
        else if (act[0] === 'settles') await device.settles(act[2]);
        else device.reopens();
      }
      await settleAll(devices);
      expect(devices.flatMap((device) => device.overwritten())).toEqual([]);
      // What was entered once is stored at most once.
      const times = (all: readonly string[], name: string) => all.filter((each) => each === name).length;
      expect(server.names.filter((name) => times(server.names, name) > times(entered, name))).toEqual([]);
      for (const device of devices) {
        const { saveState, problem, sending, theirs } = device.state();
        expect({ saveState, problem, sending, theirs }).toEqual({
          saveState: 'saved',
          problem: '',
          sending: null,
          theirs: null,
        });
        device.reopens();
        expect(device.state().profile).toEqual(server.stored().profile);
      }
    }),
    { numRuns: process.env.SWEEP ? 20_000 : 800 },
  );
}, 600_000);

test('edited back to what is saved, nothing is left to send', async () => {
  const server = profileServer();
  const device = profileDevice(server);
  device.edits('second');
  device.edits('first');
  await device.comesDue();
  expect([device.state().saveState, device.waits(), server.names]).toEqual(['saved', false, ['first']]);
});

test('an edit survives a crash before it was sent, and after', async () => {
  const server = profileServer();
  const device = profileDevice(server);
  device.edits('second');
  device.reopens();
  expect(device.state()).toMatchObject({ saveState: 'waiting', profile: { name: 'second' } });
  await device.comesDue();
  await device.meets('answer lost');
  device.edits('third');
  device.reopens();
  // The save that was cut off landed: the page has it, and only the later edit is sent.
  expect(device.state()).toMatchObject({ saveState: 'waiting', theirs: null, profile: { name: 'third' } });
  await settleAll([device]);
  expect(server.names).toEqual(['first', 'second', 'third']);
});

test('two devices: the second is asked, and either version can be kept', async () => {
  for (const takesTheirs of [true, false]) {
    const server = profileServer();
    const [one, other] = [profileDevice(server), profileDevice(server)];
    one.edits('of one');
    other.edits('of the other');
    await one.comesDue();
    await one.meets('answered');
    await other.comesDue();
    await other.meets('answered');
    expect(other.state()).toMatchObject({ saveState: 'stale', theirs: { profile: { name: 'of one' } } });
    await other.settles(takesTheirs);
    await settleAll([one, other]);
    expect(server.stored().profile.name).toBe(takesTheirs ? 'of one' : 'of the other');
  }
});

test('a refusal says where; the edit stays, and is sent again when it is changed', async () => {
  const server = profileServer();
  const device = profileDevice({
    ...server,
    answer: async () => ({ kind: 'refused', status: 400, error: 'must be given', path: 'profile.name', body: null }),
  });
  device.edits('');
  await device.comesDue();
  await device.meets('answered');
  expect(device.state()).toMatchObject({ saveState: 'refused', problem: 'profile.name: must be given' });
  expect(sameValue(device.state().profile, profile(''))).toBe(true);
  expect(device.waits()).toBe(false);
  device.edits('named');
  expect([device.state().saveState, device.waits()]).toEqual(['waiting', true]);
});
