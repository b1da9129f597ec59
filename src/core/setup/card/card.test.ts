import { assumedFacts, type FactPath, type Facts, withFact } from '../../job/document';
import type { MarkKind, SettingMark } from '../../job/setting-marks';
import { currentMarks, settingRecords } from '../../job/setting-marks';
import { SHIPPED_PROFILES } from '../profiles';
import { type ControllerProfile, entryKey, settingsOf as settingsOfEntry } from '../profiles/profile';
import { quillwort } from '../profiles/quillwort';
import { spurge } from '../profiles/spurge';
import { stonecrop } from '../profiles/stonecrop';
import { toadflax } from '../profiles/toadflax';
import { resolveSettings } from '../resolve';
import { banksOf } from './banks';
import { type Card, cardOf } from './card';
import { factsOfMark } from './facts-of-mark';
import { cardFindings } from './findings';
import { readBackAtDefault } from './read-back-at-default';

const facts = (...changes: readonly [FactPath, unknown][]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const settingsOf = (of: Facts) => resolveSettings({ facts: of, confirmed: new Set() });
const card = (profile: ControllerProfile, of: Facts = facts(), marks: readonly SettingMark[] = []) =>
  cardOf(profile, settingsOf(of), marks);
const target = (of: Card, code: string) => of.lines.find(({ entry }) => entry.code === code)?.target;
const codeOf = (of: Card, code: string) => {
  const found = target(of, code);
  return found?.kind === 'set' ? found.code : found?.kind;
};

let minute = 0;
const mark = (
  profile: ControllerProfile,
  entry: string,
  kind: MarkKind,
  value: string,
  author = 'E. V.',
): SettingMark => {
  minute++;
  return {
    id: `m${minute}`,
    at: new Date(Date.UTC(2026, 0, 5, 12, minute)).toISOString(),
    visit: 'v',
    origin: null,
    author,
    enteredBy: author,
    controller: profile.role,
    profile: profile.id,
    entry,
    code: entry.split('/')[1] ?? '',
    label: 'entry',
    kind,
    value,
    words: value,
  };
};

describe('codes', () => {
  test('a choice becomes the option that covers most of it', () => {
    expect(codeOf(card(quillwort), 'E1')).toBe('b');
    const two = facts(['outdoorUnit.stages', 'two'], ['thermostat.compressorOutputs', 2]);
    expect(codeOf(card(quillwort, two), 'E1')).toBe('c');
  });

  test.each([
    [
      '°C inside',
      spurge,
      facts(
        ['thermostat.outdoorSensor', 'wired'],
        ['schools.compressorLockout', 'fixed'],
        ['schools.fixedCompressorBelowF', 32],
      ),
      'Q8',
      '0',
    ],
    ['tenths of an inch', toadflax, facts(), 'DUCT', '5'],
    ['a pattern of switches', stonecrop, facts(['schools.minimumOff', 2]), 'P3-4', '01'],
    ['a pin', stonecrop, facts(['schools.dampCold', true], ['outdoorUnit.defrostIntervalMin', 60]), 'T', '60'],
  ])('%s', (_, profile, of, code, wanted) => expect(codeOf(card(profile, of), code)).toBe(wanted));

  test('a value between two steps takes the nearest, and says so', () => {
    const found = target(card(toadflax, facts(['airHandler.heatCfm', 1060])), 'AIR-H');
    expect(found).toMatchObject({ kind: 'set', code: '1050', note: expect.stringContaining('1060') });
  });

  test('a value outside the controller’s range is not rounded into it: the card asks', () => {
    const of = card(toadflax, facts(['airHandler.heatCfm', 2400]));
    expect(target(of, 'AIR-H')).toMatchObject({
      kind: 'no-code',
      wanted: expect.stringMatching(/2400.*goes from 400 to 2000/),
    });
    expect(of.gaps.map(({ setting }) => setting)).toContain('airflow-heating');
  });

  test('a kit without an option is reported with what to do', () => {
    const of = card(toadflax, facts(['heatKit.elements', [{ kW: 5.5, bank: 1, onS: 20, offS: 20 }]]));
    expect(of.gaps.find(({ setting }) => setting === 'kit-size')).toMatchObject({
      what: expect.stringMatching(/no code.*5.5 kW/),
      fix: expect.stringMatching(/manual/),
    });
  });

  test('an entry that nothing decides stays as found', () => expect(codeOf(card(quillwort), 'E4')).toBe('leave'));
});

describe('hidden entries', () => {
  test('are skipped as the controller skips them, with the reason', () => {
    const of = card(toadflax);
    expect(of.lines.map(({ entry }) => entry.code)).not.toContain('WARM');
    expect(of.skipped.find(({ entry }) => entry.code === 'WARM')?.why).toBe('hidden while CTRL is 24V');
  });

  test('chain: a question behind a hidden one is hidden too', () => {
    const of = card(spurge, facts(['system.backup', 'furnace']));
    const hidden = of.skipped.map(({ entry }) => entry.code);
    expect(hidden).toEqual(expect.arrayContaining(['Q4', 'Q5']));
    expect(of.gaps.map(({ setting }) => setting)).not.toEqual(expect.arrayContaining(['backup-source']));
  });

  test('come back when the answer before them changes', () => {
    const steady = card(quillwort).lines.map(({ entry }) => entry.code);
    const night = card(quillwort, facts(['talk.schedule', 'night'])).lines.map(({ entry }) => entry.code);
    expect(night.length).toBeGreaterThan(steady.length);
  });

  test.each(SHIPPED_PROFILES.map((profile) => [profile.name, profile] as const))(
    '%s: every entry is met or skipped, in its order',
    (_, profile) => {
      const of = card(profile);
      const order = profile.entries.map(({ scope, code }) => entryKey(scope, code));
      const met = of.lines.map(({ key }) => order.indexOf(key));
      expect(met).toEqual([...met].sort((a, b) => a - b));
      expect(of.lines.length + of.skipped.length).toBe(profile.entries.length);
      expect(of.screens.filter(({ kind }) => kind === 'entry')).toHaveLength(of.lines.length);
    },
  );
});

test('two groups are saved separately, then activated, then read back', () => {
  const steps = card(toadflax).screens.flatMap((screen) => (screen.kind === 'steps' ? screen.steps.id : []));
  expect(steps).toEqual(['before', 'enter', 'save-unit', 'save-group', 'activate', 'read-back']);
});

describe('what was done', () => {
  const KIT = 'unit/KIT';

  test('the value found, then the value left, then the value read back', () => {
    const marks = [
      mark(toadflax, KIT, 'found', '0.0'),
      mark(toadflax, KIT, 'left', '9.6'),
      mark(toadflax, KIT, 'read-back', '9.6'),
    ];
    const line = card(toadflax, facts(), marks).lines.find(({ key }) => key === KIT)!;
    expect([line.found?.value, line.left?.value, line.readBack?.value, line.isAsWanted]).toEqual([
      '0.0',
      '9.6',
      '9.6',
      true,
    ]);
    expect(settingRecords(marks)).toEqual([
      expect.objectContaining({ code: 'KIT', found: marks[0], left: marks[1], readBack: marks[2] }),
    ]);
  });

  test('a withdrawn mark no longer counts, and stays in the history', () => {
    const marks = [mark(toadflax, KIT, 'left', '9.6'), mark(toadflax, KIT, 'left', '')];
    expect(currentMarks(marks, 'indoor', toadflax.id).size).toBe(0);
    expect(settingRecords(marks)).toEqual([]);
  });

  test('the next visit sees that someone changed it since', () => {
    const marks = [
      mark(toadflax, KIT, 'left', '9.6', 'First hand'),
      mark(toadflax, KIT, 'found', '4.8', 'Second hand'),
    ];
    const [finding] = cardFindings(card(toadflax, facts(), marks));
    expect(finding).toMatchObject({
      key: KIT,
      what: expect.stringMatching(/left at 9\.6 by First hand, now found at 4\.8/),
    });
  });

  test('entered and not saved, not activated, not read back: each is reported', () => {
    const of = card(toadflax, facts(), [mark(toadflax, KIT, 'left', '9.6')]);
    expect(cardFindings(of).map(({ severity, what }) => [severity, what])).toEqual([
      ['error', expect.stringMatching(/not saved/)],
      ['error', expect.stringMatching(/not activated/)],
      ['warning', expect.stringMatching(/1 of 1 settings not read back: KIT/)],
    ]);
  });

  test('saved, activated and read back: nothing is left to report', () => {
    const marks = [
      mark(toadflax, KIT, 'left', '9.6'),
      mark(toadflax, 'step-save-unit', 'done', 'done'),
      mark(toadflax, 'step-activate', 'done', 'done'),
      mark(toadflax, KIT, 'read-back', '9.6'),
    ];
    expect(cardFindings(card(toadflax, facts(), marks))).toEqual([]);
  });

  test('activation before the last value was left does not count', () => {
    const marks = [mark(toadflax, 'step-activate', 'done', 'done'), mark(toadflax, KIT, 'left', '9.6')];
    expect(cardFindings(card(toadflax, facts(), marks)).map(({ what }) => what)).toContainEqual(
      expect.stringMatching(/not activated/),
    );
  });

  test('a different read-back is an error', () => {
    const marks = [mark(toadflax, KIT, 'left', '9.6'), mark(toadflax, KIT, 'read-back', '0.0')];
    expect(card(toadflax, facts(), marks).lines.find(({ key }) => key === KIT)!.isAsWanted).toBe(false);
    expect(cardFindings(card(toadflax, facts(), marks))[0]).toMatchObject({
      severity: 'error',
      what: expect.stringMatching(/reads back 0\.0/),
    });
  });

  test('a value left other than calculated is reported', () => {
    const [finding] = cardFindings(card(toadflax, facts(), [mark(toadflax, KIT, 'left', '4.8')]));
    expect(finding!.what).toMatch(/left at 4\.8; the calculated code is 9\.6/);
  });
});

describe('switches and jumpers', () => {
  test('are set as the codes say, with what was found next to them', () => {
    const of = card(stonecrop, facts(['schools.minimumOff', 2], ['schools.dampCold', true]), [
      mark(stonecrop, 'board/P1', 'found', '0'),
    ]);
    const { banks, jumpers } = banksOf(of);
    expect(banks.find(({ id }) => id === 'P')!.switches.map(({ to }) => to)).toEqual(['on', 'on', 'off', 'on']);
    expect(banks.find(({ id }) => id === 'P')!.switches[0]).toMatchObject({ found: 'off', code: 'P1' });
    expect(jumpers).toEqual([
      { id: 'T', label: 'Block T, defrost', pins: ['30', '60', '90'], to: codeOf(of, 'T'), found: null },
    ]);
  });
});

describe('what a mark changes in the job', () => {
  const valve = () =>
    card(quillwort).lines.find(({ settings }) => settings.some(({ setting }) => setting.id === 'reversing-valve'))!;
  const other = () => {
    const { entry } = valve();
    return entry.form.kind === 'number'
      ? ''
      : entry.form.options.find(({ means }) => means?.['reversing-valve'] === 'B')!.code;
  };

  test('a value found updates a fact that is kept as found; so does one left', () => {
    const { entry, target: to } = valve();
    for (const kind of ['found', 'left'] as const)
      expect(factsOfMark(facts(), entry, kind, other(), to, 'O')).toContainEqual({
        path: 'thermostat.valveSetting',
        value: 'B',
      });
  });

  test('a choice is changed only by what was left, not by what was found', () => {
    const of = card(stonecrop);
    const { entry, target: to } = of.lines.find(({ entry: each }) => each.code === 'T')!;
    expect(factsOfMark(facts(), entry, 'found', '30', to, 90)).toEqual([]);
    expect(factsOfMark(facts(), entry, 'left', '30', to, 90)).toEqual([
      { path: 'outdoorUnit.defrostIntervalMin', value: 30 },
    ]);
  });
});

test('entries are met in the order the controller shows them, whatever their group', () => {
  const of = (scope: string) => toadflax.entries.filter((entry) => entry.scope === scope && !entry.shownWhen);
  const [group, ...units] = [of('group')[0]!, ...of('unit').slice(0, 2)];
  const mixed = { ...toadflax, id: 'mixed', entries: [units[0]!, group, units[1]!] };
  const met = card(mixed).screens.flatMap((screen) =>
    screen.kind === 'entry' ? [screen.line.entry.code] : screen.steps.id.startsWith('save') ? [screen.steps.id] : [],
  );
  expect(met).toEqual([units[0]!.code, group.code, 'save-group', units[1]!.code, 'save-unit']);
});

describe('settings that Setup folds', () => {
  const folded = (marks: readonly SettingMark[]) => {
    const of = facts(['setup.indoorProfile', toadflax.id]);
    return readBackAtDefault(of, settingsOf(of), marks);
  };

  test('only what was read back at its default, if the job needs the default', () => {
    const entry = toadflax.entries.find(
      ({ code, factory }) => factory !== undefined && codeOf(card(toadflax), code) === factory,
    )!;
    const key = entryKey(entry.scope, entry.code);
    const ids = settingsOfEntry(entry);
    expect(folded([])).toEqual(new Set());
    expect(folded([mark(toadflax, key, 'left', entry.factory!)])).toEqual(new Set());
    const read = [mark(toadflax, key, 'left', entry.factory!), mark(toadflax, key, 'read-back', entry.factory!)];
    expect([...folded(read)]).toEqual(ids);
  });

  test('never a value that the job needs changed, read back or not', () => {
    const marks = [mark(toadflax, 'unit/KIT', 'found', '0.0'), mark(toadflax, 'unit/KIT', 'read-back', '0.0')];
    expect(folded(marks).has('kit-size')).toBe(false);
  });
});

test('a reminder missing from the profile does not matter; a lockout does', () => {
  const of = facts(['thermostat.outdoorSensor', 'wired'], ['gates.auxAboveF', 45], ['talk.pets', true]);
  const bare = { ...quillwort, entries: quillwort.entries.filter(({ code }) => code.startsWith('E')) };
  const { gaps } = cardOf(bare, settingsOf(of));
  expect(gaps.find(({ setting }) => setting === 'aux-lockout')?.matters).toBe(true);
  for (const { setting, matters } of gaps)
    if (setting.endsWith('reminder') || setting === 'screen') expect([setting, matters]).toEqual([setting, false]);
  expect(gaps.some(({ matters }) => !matters)).toBe(true);
});
