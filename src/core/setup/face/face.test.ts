import fc from 'fast-check';
import { SAMPLES } from '../../samples';
import { cardOf } from '../card/card';
import { SHIPPED_PROFILES } from '../profiles';
import { type Condition, type ControllerProfile, entryKey, type ProfileEntry } from '../profiles/profile';
import { resolveSettings } from '../resolve';
import { SETTINGS } from '../settings';
import { codesOf, type Face, faceOf, restartSecondsLeft, shownCode, shownEntries, workFace } from './face';
import { followCard } from './follow';

const settingsOf = SAMPLES.map(({ facts }) => resolveSettings({ facts, confirmed: new Set() }));
const toadflax = SHIPPED_PROFILES.find(({ id }) => id === 'toadflax-indoor')!;

/** Random codes for each entry; irreversible ones at factory default. */
const anyFound = (profile: ControllerProfile) =>
  fc.tuple(...profile.entries.map((entry) => fc.constantFrom(...codesOf(entry).slice(0, 40)))).map((codes) => {
    const kept = profile.entries.map((entry, at) => [entryKey(entry.scope, entry.code), codes[at]!] as const);
    return new Map(kept.filter((_, at) => !profile.entries[at]!.isLasting));
  });

/** Follows a card and reports what does not match it. */
const unmet = (found: Face, settings: (typeof settingsOf)[number]): string[] => {
  const { face, marks, problem } = followCard(found, settings);
  if (problem !== null) return [problem];
  return cardOf(face.profile, settings, marks)
    .lines.filter(({ key, target }) => target.kind === 'set' && face.inForce.get(key) !== target.code)
    .map(({ entry, target }) => `${entry.code} is not ${target.kind === 'set' ? target.code : ''}`);
};

describe.each(SHIPPED_PROFILES.map((profile) => [profile.name, profile] as const))('%s', (_, profile) => {
  test('its card, followed on its face, leads to what the job needs, whatever was found', () => {
    fc.assert(
      fc.property(anyFound(profile), fc.constantFrom(...settingsOf), (found, settings) => {
        expect(unmet(faceOf(profile, found), settings)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

/** An entry as typed: a menu with an option per value of a setting, or a number. */
const anyEntry = (at: number, scopes: readonly string[]): fc.Arbitrary<ProfileEntry> =>
  fc
    .record({
      setting: fc.constantFrom(...SETTINGS),
      scope: fc.constantFrom(...scopes),
      condition: fc.option(
        fc.tuple(fc.nat({ max: Math.max(0, at - 1) }), fc.constantFrom(...scopes), fc.constantFrom('0', '1')),
      ),
      factory: fc.constantFrom('0', '1'),
    })
    .map(({ setting, scope, condition, factory }): ProfileEntry => {
      const values = setting.kind === 'choice' ? setting.options : [];
      const shownWhen: Condition | undefined =
        condition && at > 0 ? { entry: `E${condition[0]}`, scope: condition[1], is: [condition[2]] } : undefined;
      return {
        code: `E${at}`,
        label: setting.label,
        scope,
        form: {
          kind: 'menu',
          options: Array.from({ length: Math.max(2, values.length) }, (_, option) => ({
            code: String(option),
            label: values[option]?.label ?? String(option),
            ...(values[option] === undefined ? {} : { means: { [setting.id]: values[option].value } }),
          })),
        },
        factory,
        ...(shownWhen ? { shownWhen } : {}),
      };
    });

const anyProfile: fc.Arbitrary<ControllerProfile> = fc
  .record({
    scopes: fc.constantFrom(['unit'], ['unit', 'group']),
    count: fc.integer({ min: 1, max: 9 }),
    saves: fc.boolean(),
    activates: fc.boolean(),
    before: fc.boolean(),
  })
  .chain(({ scopes, count, saves, activates, before }) =>
    fc.tuple(...Array.from({ length: count }, (_, at) => anyEntry(at, scopes))).map((entries) => ({
      ...toadflax,
      id: 'typed-in',
      scopes: scopes.map((id) => ({ id, label: id })),
      before: before ? ['Off first.'] : [],
      save: saves ? ['Hold it.'] : [],
      activate: activates ? ['Press it.'] : [],
      entries,
    })),
  );

test('the same for any profile that is entered', () => {
  fc.assert(
    fc.property(
      anyProfile.chain((profile) => fc.tuple(fc.constant(profile), anyFound(profile))),
      fc.constantFrom(...settingsOf),
      ([profile, found], settings) => {
        expect(unmet(faceOf(profile, found), settings)).toEqual([]);
      },
    ),
    { numRuns: 400 },
  );
});

describe('a controller behaves as its manual says', () => {
  const done = (acts: readonly Parameters<typeof workFace>[1][], from: Face = faceOf(toadflax)): Face =>
    acts.reduce((face, act) => {
      const next = workFace(face, act);
      if (!next.ok) throw new Error(next.why);
      return next.face;
    }, from);
  const CTRL = entryKey('unit', 'CTRL');

  test('setup does not open until its first step is done', () => {
    expect(workFace(faceOf(toadflax), { kind: 'enter' })).toMatchObject({ ok: false });
    expect(done([{ kind: 'before' }, { kind: 'enter' }]).isIn).toBe(true);
    expect(workFace(faceOf(toadflax), { kind: 'next' })).toMatchObject({ ok: false });
  });

  test('entered is not saved, saved is not in effect, and a restart answers no call for its longest delay', () => {
    const turned = done([{ kind: 'before' }, { kind: 'enter' }, { kind: 'next' }, { kind: 'turn', code: '24V' }]);
    expect([shownCode(turned, CTRL), turned.saved.get(CTRL), turned.inForce.get(CTRL)]).toEqual(['24V', 'BUS', 'BUS']);
    const saved = done([{ kind: 'save', scope: 'unit' }], turned);
    expect([saved.saved.get(CTRL), saved.inForce.get(CTRL)]).toEqual(['24V', 'BUS']);
    const active = done([{ kind: 'activate' }], saved);
    expect(active.inForce.get(CTRL)).toBe('24V');
    expect(restartSecondsLeft(active)).toBe(240);
    expect(restartSecondsLeft(done([{ kind: 'wait', seconds: 300 }], active))).toBe(0);
    expect(done([{ kind: 'leave' }], turned).turned.size).toBe(0);
  });

  test('an irreversible choice cannot be undone; a code it does not have is refused', () => {
    const inside = [{ kind: 'before' }, { kind: 'enter' }, { kind: 'next' }] as const;
    expect(workFace(done(inside), { kind: 'turn', code: '7' })).toMatchObject({ ok: false });
    const lasting = done([...inside, { kind: 'turn', code: '24V' }, { kind: 'save', scope: 'unit' }]);
    expect(workFace(lasting, { kind: 'turn', code: 'BUS' })).toMatchObject({
      ok: false,
      why: 'This has been saved and cannot be undone.',
    });
  });

  test('another group’s values are not saved along', () => {
    const group = toadflax.entries.find(({ scope }) => scope === 'group')!;
    const key = entryKey('group', group.code);
    let face = done([{ kind: 'before' }, { kind: 'enter' }, { kind: 'next' }]);
    while (face.at !== key) face = done([{ kind: 'next' }], face);
    const other = codesOf(group).find((code) => code !== shownCode(face, key))!;
    face = done(
      [
        { kind: 'turn', code: other },
        { kind: 'save', scope: 'unit' },
      ],
      face,
    );
    expect(face.saved.get(key)).not.toBe(other);
    expect(done([{ kind: 'save', scope: 'group' }], face).saved.get(key)).toBe(other);
  });

  test('every visible entry can be reached by stepping, both ways', () => {
    for (const profile of SHIPPED_PROFILES) {
      let face = done(
        [...(profile.before.length > 0 ? [{ kind: 'before' as const }] : []), { kind: 'enter' }],
        faceOf(profile),
      );
      const keys = shownEntries(face).map(({ scope, code }) => entryKey(scope, code));
      const met = keys.map(() => (face = done([{ kind: 'next' }], face)).at);
      expect(met).toEqual(keys);
      expect(workFace(face, { kind: 'next' })).toMatchObject({ ok: false });
      for (const key of keys.slice(0, -1).reverse()) expect((face = done([{ kind: 'back' }], face)).at).toBe(key);
    }
  });
});
