import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import { parseProfileText, profileJson, profileYaml } from '../../formats/profile-file';
import { profileJsonSchema } from '../../formats/profile-json-schema';
import type { SettingMark } from '../../job/setting-marks';
import { SHIPPED_PROFILES } from '.';
import {
  asTests,
  blankProfile,
  copyOfProfile,
  inForm,
  movedBy,
  nextEntry,
  profileIdOf,
  shownBy,
  silentOn,
  speakingOf,
} from './edit';
import { profileProblems } from './problems';
import { type ControllerProfile, entryKey, optionsOf, type ProfileEntry, settingsOf } from './profile';
import { quillwort } from './quillwort';
import { marksByCurrentCodes } from './renamed-entries';
import { stonecrop } from './stonecrop';
import { toadflax } from './toadflax';

const entry = (code: string, more: Partial<ProfileEntry> = {}): ProfileEntry => ({
  code,
  label: code,
  scope: 'this',
  form: {
    kind: 'menu',
    options: [
      { code: '0', label: 'no' },
      { code: '1', label: 'yes' },
    ],
  },
  ...more,
});
const profile = (entries: readonly ProfileEntry[], more: Partial<ControllerProfile> = {}): ControllerProfile => ({
  ...blankProfile('tried-0001', 'Tried', 'thermostat'),
  entries,
  ...more,
});
const errors = (of: ControllerProfile) => profileProblems(of).filter(({ severity }) => severity === 'error');

describe.each(SHIPPED_PROFILES.map((shipped) => [shipped.name, shipped] as const))('%s', (_, shipped) => {
  test('has no errors', () => expect(profileProblems(shipped)).toEqual([]));
  test('survives writing and reading, as YAML and as JSON', () => {
    expect(parseProfileText(profileYaml(shipped))).toEqual({ ok: true, value: shipped });
    expect(parseProfileText(profileJson(shipped))).toEqual({ ok: true, value: shipped });
  });
  test('follows the JSON Schema, and equals its copy in docs', () => {
    expect(new Ajv({ allowUnionTypes: true }).compile(profileJsonSchema())(JSON.parse(profileJson(shipped)))).toBe(
      true,
    );
    expect(parseProfileText(readFileSync(join(process.cwd(), `docs/controllers/${shipped.id}.yaml`), 'utf8'))).toEqual({
      ok: true,
      value: shipped,
    });
  });
});

test('between them they use every mechanism', () => {
  const entries = SHIPPED_PROFILES.flatMap((shipped) => shipped.entries);
  expect(new Set(entries.map(({ form }) => form.kind))).toEqual(new Set(['menu', 'number', 'switches', 'jumper']));
  expect(entries.some(({ isLasting }) => isLasting)).toBe(true);
  expect(
    entries.some(
      ({ shownWhen, scope }) =>
        shownWhen && 'entry' in shownWhen && shownWhen.scope !== undefined && shownWhen.scope !== scope,
    ),
  ).toBe(true);
  expect(SHIPPED_PROFILES.some(({ scopes }) => scopes.length > 1)).toBe(true);
  for (const list of ['before', 'enter', 'save', 'activate', 'readBack', 'delays', 'banks', 'jumpers'] as const)
    expect([list, SHIPPED_PROFILES.some((shipped) => shipped[list].length > 0)]).toEqual([list, true]);
});

describe('errors are found', () => {
  test.each<[string, ControllerProfile, RegExp]>([
    ['two entries of one code', profile([entry('1'), entry('1')]), /Two entries have the code 1/],
    [
      'two options of one code',
      profile([
        entry('1', {
          form: {
            kind: 'menu',
            options: [
              { code: '0', label: 'a' },
              { code: '0', label: 'b' },
            ],
          },
        }),
      ]),
      /Two options have the code 0/,
    ],
    [
      'a condition on an entry that there is not',
      profile([entry('1', { shownWhen: { entry: '9', is: ['0'] } })]),
      /there is no entry 9/,
    ],
    [
      'a condition on an option that there is not',
      profile([entry('1'), entry('2', { shownWhen: { entry: '1', is: ['7'] } })]),
      /has no such option/,
    ],
    [
      'a ring of two',
      profile([
        entry('1', { shownWhen: { entry: '2', is: ['1'] } }),
        entry('2', { shownWhen: { entry: '1', is: ['1'] } }),
      ]),
      /circular/,
    ],
    ['an entry on itself', profile([entry('1', { shownWhen: { entry: '1', is: ['1'] } })]), /circular/],
    [
      'conditions that exclude one another',
      profile([
        entry('1'),
        entry('2', {
          shownWhen: {
            all: [
              { entry: '1', is: ['0'] },
              { entry: '1', is: ['1'] },
            ],
          },
        }),
      ]),
      /never be shown/,
    ],
    [
      'conditions that exclude one another two entries deep',
      profile([
        entry('1'),
        entry('2', { shownWhen: { entry: '1', is: ['0'] } }),
        entry('3', {
          shownWhen: {
            all: [
              { entry: '2', is: ['1'] },
              { entry: '1', is: ['1'] },
            ],
          },
        }),
      ]),
      /never be shown/,
    ],
    [
      'a setting that there is not',
      profile([entry('1', { form: { kind: 'menu', options: [{ code: '0', label: 'a', means: { moon: 1 } }] } })]),
      /setting that does not exist/,
    ],
    [
      'a value that the setting has not',
      profile([
        entry('1', { form: { kind: 'menu', options: [{ code: '0', label: 'a', means: { 'reversing-valve': 'X' } }] } }),
      ]),
      /has no value/,
    ],
    ['a factory value that is no option', profile([entry('1', { factory: '5' })]), /factory value 5/],
    ['no code', profile([entry('')]), /no code/],
    ['a scope that there is not', profile([entry('1', { scope: 'moon' })]), /no scope moon/],
    [
      'a number upside down',
      profile([entry('1', { form: { kind: 'number', setting: 'droop', min: 9, max: 1, step: 1, scale: 'plain' } })]),
      /from 9 to 1/,
    ],
    [
      'a bank that there is not',
      profile([
        entry('1', { form: { kind: 'switches', bank: 'X', positions: [1], options: [{ code: '0', label: '' }] } }),
      ]),
      /no switch bank X/,
    ],
    [
      'a pattern too long',
      profile(
        [entry('1', { form: { kind: 'switches', bank: 'S', positions: [1], options: [{ code: '01', label: '' }] } })],
        {
          banks: [{ id: 'S', label: 'S', switches: 2 }],
        },
      ),
      /does not fit 1 switches/,
    ],
    [
      'one switch for two entries',
      profile(
        ['1', '2'].map((code) =>
          entry(code, { form: { kind: 'switches', bank: 'S', positions: [1], options: [{ code: '0', label: '' }] } }),
        ),
        { banks: [{ id: 'S', label: 'S', switches: 2 }] },
      ),
      /belongs to 1 already/,
    ],
    [
      'a pin that there is not',
      profile([entry('1', { form: { kind: 'jumper', block: 'J', options: [{ code: '9', label: '' }] } })], {
        jumpers: [{ id: 'J', label: 'J', pins: ['1'] }],
      }),
      /has no pin 9/,
    ],
    ['no entries', profile([]), /no entries/],
    ['no name', profile([entry('1')], { name: ' ' }), /no name/],
  ])('%s', (_, of, what) => {
    const found = errors(of).find((problem) => what.test(problem.what));
    expect(found?.fix.length).toBeGreaterThan(5);
  });

  test('an entry that depends on a later one is an error: the card would hide it', () => {
    const later = profile([entry('1', { shownWhen: { entry: '2', is: ['1'] } }), entry('2')]);
    expect(errors(later)).toEqual([expect.objectContaining({ entry: 0, what: expect.stringMatching(/comes later/) })]);
    expect(errors(profile([entry('2'), entry('1', { shownWhen: { entry: '2', is: ['1'] } })]))).toEqual([]);
  });

  test('either of two conditions is enough to show it', () =>
    expect(
      errors(
        profile([
          entry('1'),
          entry('2', {
            shownWhen: {
              any: [
                { entry: '1', is: ['0'] },
                { entry: '1', is: ['1'] },
              ],
            },
          }),
        ]),
      ),
    ).toEqual([]));
});

describe('entered by hand', () => {
  test('a new entry continues the numbering', () => {
    expect(nextEntry(profile([entry('07')])).code).toBe('08');
    expect(nextEntry(profile([entry('A-09')])).code).toBe('A-10');
    expect(nextEntry(profile([entry('Q')])).code).toBe('');
  });

  test('choosing a setting brings its options, or its number with range', () => {
    const bare = entry('1', { label: '', form: { kind: 'menu', options: [] } });
    expect(speakingOf(bare, 'reversing-valve')).toMatchObject({
      label: 'Reversing valve',
      form: {
        kind: 'menu',
        options: [
          { code: '0', means: { 'reversing-valve': 'O' } },
          { code: '1', means: { 'reversing-valve': 'B' } },
        ],
      },
    });
    expect(speakingOf(bare, 'droop')).toMatchObject({ form: { kind: 'number', setting: 'droop', min: 0, max: 6 } });
  });

  test('a second setting joins the first in each option, and can be removed again', () => {
    const first = speakingOf(entry('1', { form: { kind: 'menu', options: [] } }), 'reversing-valve');
    const both = speakingOf(first, 'compressor-stages');
    expect(settingsOf(both)).toEqual(['reversing-valve', 'compressor-stages']);
    expect(settingsOf(silentOn(both, 'reversing-valve'))).toEqual(['compressor-stages']);
    expect(silentOn(both, 'compressor-stages')).toEqual(first);
  });

  test('changing the form keeps the options and makes codes that fit it', () => {
    const boards = profile([], {
      banks: [{ id: 'S', label: 'S', switches: 2 }],
      jumpers: [{ id: 'J', label: 'J', pins: ['a', 'b'] }],
    });
    expect(optionsOf(inForm(boards, entry('1'), 'switches')).map(({ code }) => code)).toEqual(['0', '1']);
    const menu = entry('1');
    const number = inForm(boards, menu, 'number');
    expect(inForm(boards, number, 'menu', [menu.form])).toEqual(menu);
    expect(optionsOf(inForm(boards, number, 'switches', [menu.form])).map(({ label }) => label)).toEqual(
      optionsOf(menu).map(({ label }) => label),
    );
    const ranged = { ...number, form: { ...number.form, max: 12 } } as typeof number;
    expect(inForm(boards, inForm(boards, ranged, 'menu', [menu.form]), 'number', [menu.form, ranged.form])).toEqual(
      ranged,
    );
    expect(optionsOf(inForm(boards, entry('1'), 'jumper')).map(({ code }) => code)).toEqual(['a', 'b']);
    expect(
      inForm(boards, speakingOf(entry('1', { form: { kind: 'menu', options: [] } }), 'droop'), 'menu').form.kind,
    ).toBe('menu');
  });

  test('a flat condition goes to the form and back; a nested one is left alone', () => {
    const tests = [
      { entry: '1', is: ['0'] },
      { entry: '2', is: ['1'] },
    ];
    expect(asTests(shownBy(entry('3'), 'any', tests).shownWhen)).toEqual({ joint: 'any', tests });
    expect(shownBy(entry('3', { shownWhen: tests[0]! }), 'all', [])).toEqual(entry('3'));
    expect(asTests({ all: [{ any: tests }] })).toBeNull();
  });

  test('a copy has its own id and name, and no errors', () => {
    const copy = copyOfProfile(quillwort, profileIdOf(quillwort.name, '3f2a-99'));
    expect([copy.id, copy.name]).toEqual(['quillwort-3f2a99', 'Quillwort (copy)']);
    expect(profileProblems(copy)).toEqual([]);
  });

  test('moving past an end does nothing', () => {
    expect(movedBy([1, 2, 3], 0, 1)).toEqual([2, 1, 3]);
    expect(movedBy([1, 2, 3], 2, 1)).toEqual([1, 2, 3]);
  });
});

describe('a malicious profile', () => {
  const at = (number: number, shownWhen?: unknown): ProfileEntry =>
    entry(
      `E${number}`,
      shownWhen === undefined ? {} : { shownWhen: shownWhen as NonNullable<ProfileEntry['shownWhen']> },
    );
  const wrong = (change: (lines: string) => string) => parseProfileText(change(profileYaml(toadflax)));

  test('a value that is not a condition, meanings that are not a list or have no limit: refused with path', () => {
    const json = JSON.parse(JSON.stringify(profile([at(0), at(1, 5)])));
    expect(parseProfileText(JSON.stringify(json))).toMatchObject({
      ok: false,
      path: expect.stringMatching(/entries\[1\]\.shownWhen/),
    });
    for (const means of [
      5,
      Object.fromEntries(Array.from({ length: 20_000 }, (_, number) => [`k${number}`, 1])),
      { '<img>': 1 },
    ]) {
      const bad = JSON.parse(JSON.stringify(profile([at(0)])));
      bad.entries[0].form.options[0].means = means;
      expect(parseProfileText(JSON.stringify(bad))).toMatchObject({ ok: false, path: expect.stringMatching(/means/) });
    }
  });

  test('YAML that contains itself, nests or grows without end, or repeats a name: refused in words', () => {
    const wide = Array.from({ length: 40_000 }, (_, number) => `k${number}: 1`).join('\n');
    const deep = '['.repeat(20_000) + ']'.repeat(20_000);
    const bomb = `a: &a [1,1,1,1,1,1,1,1,1]\n${'bcdefgh'
      .split('')
      .map((name, number) => `${name}: &${name} [${Array(9).fill(`*${'abcdefgh'[number]}`).join(',')}]`)
      .join('\n')}`;
    for (const text of ['x: &a [*a]', `means: ${deep}`, wide, bomb])
      expect(parseProfileText(text)).toMatchObject({ ok: false, error: expect.any(String) });
    expect(wrong((lines) => `${lines}\nname: Twice\n`)).toMatchObject({
      ok: false,
      path: expect.stringMatching(/^line \d+$/),
      error: expect.stringMatching(/“name” appears twice/),
    });
  });

  test('a chain of entries that each depend on all before it is examined once each', () => {
    const chain = Array.from({ length: 60 }, (_, number) =>
      at(
        number,
        number === 0
          ? undefined
          : {
              any: Array.from({ length: Math.min(number, 20) }, (__, to) => ({
                entry: `E${number - 1 - to}`,
                is: ['0'],
              })),
            },
      ),
    );
    expect(errors(profile(chain))).toEqual([]);
    const never = [
      ...chain,
      at(60, {
        all: [
          { entry: 'E0', is: ['0'] },
          { entry: 'E1', is: ['1'] },
          { entry: 'E0', is: ['1'] },
        ],
      }),
    ];
    expect(errors(profile(never)).map((problem) => problem.entry)).toEqual([60]);
  });

  test('too many combinations to examine count as shown', () => {
    const roots = Array.from({ length: 20 }, (_, number) => at(number));
    const any = roots.map(({ code }) => ({ entry: code, is: ['0'] }));
    const all = Array.from({ length: 12 }, () => ({ any }));
    expect(errors(profile([...roots, at(20, { all })]))).toEqual([]);
  });
});

describe('an invalid file is refused with path and reason', () => {
  test.each<[string, string, string | RegExp, RegExp]>([
    ['neither YAML nor JSON', 'a: [', /line/, /neither YAML nor JSON/],
    ['something else', 'a: 1', '', /unknown field: a/],
    ['an id with spaces', profileYaml({ ...toadflax, id: 'no good' }), 'id', /small letters/],
    ['a form that there is not', profileYaml(stonecrop).replace('kind: jumper', 'kind: dial'), /entries\[0\]/, /kind/],
    ['a step of zero', profileYaml(toadflax).replace('step: 1', 'step: 0'), /entries\[\d+\]/, /above zero/],
    ['an unknown field', `${profileYaml(toadflax)}\nmoon: 1\n`, '', /unknown field: moon/],
    [
      'a newer version',
      profileYaml(toadflax).replace('fileVersion: 1', 'fileVersion: 2'),
      'fileVersion',
      /newer version/,
    ],
    ['too large', ' '.repeat(400_001), '', /over 400 kB/],
  ])('%s', (_, text, path, error) => {
    const parsed = parseProfileText(text);
    expect(parsed.ok).toBe(false);
    if (parsed.ok) return;
    expect(parsed.path).toMatch(path instanceof RegExp ? path : new RegExp(`^${path}$`));
    expect(parsed.error).toMatch(error);
  });

  test('omitted lists are empty', () => {
    const parsed = parseProfileText(
      'format: gate-cross-controller\nfileVersion: 1\nid: bare-0001\nname: Bare\nrole: outdoor\nabout: ""\nscopes: [{id: this, label: This}]\nentries: []\n',
    );
    expect(parsed).toMatchObject({ ok: true, value: { banks: [], delays: [], save: [] } });
  });
});

describe('entries whose codes changed in a shipped profile', () => {
  const old = (profile: string, entry: string, value: string): SettingMark => ({
    id: '1',
    at: '2026-11-01T10:00:00.000Z',
    origin: null,
    visit: 'v',
    author: 'A',
    enteredBy: '',
    controller: profile === 'toadflax-indoor' ? 'indoor' : 'thermostat',
    profile,
    entry,
    code: entry.slice(entry.indexOf('/') + 1),
    label: 'as it was',
    kind: 'left',
    value,
    words: value,
  });

  test.each([
    ['toadflax-indoor', 'unit/A-04', '3', 'unit/KIT', '9.6'],
    ['toadflax-indoor', 'unit/A-07', '1050', 'unit/AIR-K', '1050'],
    ['toadflax-indoor', 'group/B-07', '2', 'group/DEF-K', 'YES'],
    ['quillwort-menu', 'this/22', 'OFF', 'this/O3', 'none'],
    ['quillwort-menu', 'this/22', '35', 'this/O3', '35'],
    ['quillwort-menu', 'this/21', '2', 'this/O1', 'c'],
    ['spurge-questions', 'this/22', 'OFF', 'this/22', 'OFF'],
  ])('%s %s %s counts as %s %s', (profile, entry, value, now, code) =>
    expect(marksByCurrentCodes([old(profile, entry, value)])[0]).toMatchObject({ entry: now, value: code }),
  );

  test('every new code exists in its profile, with each value', () => {
    const older = JSON.parse(readFileSync('src/server/repositories/older/proved.json', 'utf8')) as {
      settingMarks: SettingMark[];
    };
    const marks = marksByCurrentCodes(older.settingMarks).filter(({ kind }) => kind !== 'done');
    expect(marks.length).toBeGreaterThan(10);
    for (const { profile, entry, value } of marks) {
      const of = SHIPPED_PROFILES.find(({ id }) => id === profile)!;
      const found = of.entries.find(({ scope, code }) => entryKey(scope, code) === entry)!;
      expect([entry, found.form.kind === 'number' || optionsOf(found).some(({ code }) => code === value)]).toEqual([
        entry,
        true,
      ]);
    }
  });
});
