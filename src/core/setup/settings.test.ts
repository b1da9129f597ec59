import fc from 'fast-check';
import { ALL_FACTS, assumedFacts, factAt, type FactPath, type Facts, factValue, withFact } from '../job/document';
import { SAMPLES } from '../samples';
import { inScale } from '../units/degrees';
import { families } from '../wiring/families';
import { setupFindings } from './findings';
import { changesToApplyAll, changesToSet, isOffTheJob, resolveSettings } from './resolve';
import { SETTING_IDS, type SettingId } from './setting-id';
import { SETTING_FAMILIES, settingById, SETTINGS } from './settings';
import { settingFromText, settingProblem, settingToText, settingWords } from './value';

const NOBODY = new Set<FactPath>();
const EVERYBODY = new Set(ALL_FACTS.map(({ path }) => path));
const facts = (...changes: readonly [FactPath, unknown][]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const resolve = (of: Facts, confirmed = NOBODY) => resolveSettings({ facts: of, confirmed });
const contradictions = (of: Facts, confirmed = NOBODY) =>
  setupFindings({ facts: of, settings: resolve(of, confirmed) });
const one = (of: Facts, id: SettingId, confirmed = NOBODY) => resolve(of, confirmed).get(id)!;

/** Any answers to the homeowner questions and any choice of methods. */
const anyAnswers = fc
  .array(
    fc
      .constantFrom(...ALL_FACTS.filter(({ group }) => group === 'talk' || group === 'schools'))
      .chain(({ path }): fc.Arbitrary<readonly [FactPath, unknown]> => {
        const fact = factAt(path);
        switch (fact.kind) {
          case 'flag':
            return fc.boolean().map((value) => [path, value] as const);
          case 'choice':
            return fc.constantFrom(...fact.options.map(({ value }) => value)).map((value) => [path, value] as const);
          case 'number':
            return fc.integer({ min: fact.min, max: fact.max }).map((value) => [path, value] as const);
          default:
            throw new Error(`${path} is a ${fact.kind}`);
        }
      }),
    { maxLength: 8 },
  )
  .map((changes) => changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts()));

describe('the catalog', () => {
  test('ids are unique, and every setting is in one family', () => {
    expect(SETTINGS.map(({ id }) => id)).toEqual(SETTING_IDS);
    expect(new Set(SETTING_IDS).size).toBe(SETTING_IDS.length);
    expect(SETTING_FAMILIES.flatMap(({ settings }) => settings)).toEqual(SETTINGS);
  });

  test.each(SETTINGS.map((setting) => [setting.id, setting] as const))(
    '%s says what it is, and depends on earlier ones only',
    (id, setting) => {
      expect(setting.meaning).toMatch(/\.$/);
      expect(setting.decidedBy).not.toBe('');
      const at = SETTINGS.findIndex((each) => each.id === id);
      for (const other of setting.after ?? []) expect(SETTINGS.findIndex((each) => each.id === other)).toBeLessThan(at);
      for (const other of setting.after ?? []) expect(settingById(other)).toBeDefined();
    },
  );

  test('every setting the field asks for is there', () => {
    expect(SETTINGS.map(({ id }) => id)).toEqual(
      expect.arrayContaining(
        'system-type compressor-stages reversing-valve backup-source backup-with-heat-pump backup-control aux-and-emergency outdoor-source compressor-lockout aux-lockout droop upstage-time aux-on-point aux-off-point compressor-cycles backup-cycles compressor-min-off fan-in-heat strips-in-defrost adaptive-recovery changeover deadband heat-setpoint-most cool-setpoint-least lock temperature-offset filter-reminder schedule outage-restart sensing-place kit-size external-static airflow-strips defrost-interval defrost-start defrost-stop emergency-on-fault control-mode fan-after-heat fan-after-cool response humidifier-reminder lamp-reminder reminder-basis outdoor-sensor-use power-up-hold second-stage-least board-backup-delay test-heat-most test-cool-least adaptive-capacity accelerated-capacity blower-when-satisfied blower-in-defrost blower-hold low-ambient-cut-out learning-shift guard-start-volts guard-delay screen'.split(
          ' ',
        ),
      ),
    );
  });
});

describe('every calculated value', () => {
  /** Settings with an impossible value or without a reason. */
  const bad = (of: Facts): string[] =>
    [...resolve(of).values()]
      .filter(({ setting, absent, value, worked, because }) =>
        absent !== null
          ? !absent.endsWith('.')
          : settingProblem(setting, worked) !== null ||
            because.length === 0 ||
            settingFromText(setting, settingToText(value)) !== value,
      )
      .map(({ setting, value }) => `${setting.id}: ${value}`);

  test('is valid for its setting and has a reason, for any answers and practice options', () =>
    fc.assert(
      fc.property(anyAnswers, (of) => expect(bad(of)).toEqual([])),
      { numRuns: 150 },
    ));

  test('likewise for every system that can be wired, with no contradiction', () => {
    const wrong = families().flatMap(({ id, facts: of }) => [
      ...bad(of).map((what) => `${id} ${what}`),
      ...contradictions(of)
        .filter(({ severity }) => severity === 'error')
        .map(({ what }) => `${id} ${what}`),
    ]);
    expect(wrong).toEqual([]);
  });
});

describe('what decides', () => {
  test.each<[string, readonly [FactPath, unknown][], SettingId, unknown]>([
    ['the plate', [['outdoorUnit.reversingValve', 'B']], 'reversing-valve', 'B'],
    ['a furnace', [['system.backup', 'furnace']], 'backup-with-heat-pump', 'apart'],
    ['a furnace as second stage', [['system.backup', 'furnace']], 'backup-cycles', 3],
    ['strips', [], 'fan-in-heat', 'thermostat'],
    ['strips, for a fault at night', [], 'emergency-on-fault', 'on'],
    ['the bill', [['talk.leaning', 'cost']], 'response', 'calm'],
    ['a furnace’s exchanger', [['system.backup', 'furnace']], 'fan-after-heat', 120],
    ['damp air', [['year.weather', 'alder-sound']], 'fan-after-cool', 0],
    ['a sensor beside the thermostat’s own', [['talk.roomSensor', 'beside']], 'sensing-place', 'average'],
    ['a thermostat in the sun', [['talk.roomSensor', 'instead']], 'sensing-place', 'remote'],
    ['a pad', [['talk.humidifier', true]], 'humidifier-reminder', 12],
    ['a lamp', [['talk.airLamp', true]], 'lamp-reminder', 12],
    ['an empty house', [['talk.emptyInWinter', true]], 'reminder-basis', 'run-time'],
    ['a guard on 240 V', [['proof.hasLineGuard', true]], 'guard-start-volts', 216],
    ['the compressor’s rest', [['proof.hasLineGuard', true]], 'guard-delay', 5],
    [
      'an inverter in damp air',
      [
        ['outdoorUnit.stages', 'inverter'],
        ['year.weather', 'alder-sound'],
      ],
      'adaptive-capacity',
      'off',
    ],
    ['a unit that stops itself', [['outdoorUnit.minOutdoorF', 5]], 'low-ambient-cut-out', 5],
    [
      'somebody who hates cool air, and no strips in defrost',
      [
        ['system.control', 'communicating'],
        ['talk.hatesCoolAir', true],
        ['heatKit.elements', []],
      ],
      'blower-in-defrost',
      'stops',
    ],
    [
      'the school of the fixed lockout',
      [
        ['thermostat.outdoorSensor', 'wired'],
        ['schools.compressorLockout', 'fixed'],
        ['schools.fixedCompressorBelowF', 28],
      ],
      'compressor-lockout',
      28,
    ],
    ['the other school', [['thermostat.outdoorSensor', 'wired']], 'compressor-lockout', null],
    [
      'the utility',
      [
        ['thermostat.outdoorSensor', 'wired'],
        ['schools.auxLockout', 'code'],
        ['schools.codeAuxAboveF', 45],
      ],
      'aux-lockout',
      45,
    ],
    ['comfort before cost', [['talk.leaning', 'comfort']], 'droop', 0],
    ['the bill', [['talk.leaning', 'cost']], 'droop', 3],
    [
      'light sleepers',
      [
        ['talk.schedule', 'night'],
        ['talk.lightSleepers', true],
      ],
      'adaptive-recovery',
      'off',
    ],
    ['nobody who wakes', [['talk.schedule', 'night']], 'adaptive-recovery', 'on'],
    ['animals alone', [['talk.pets', true]], 'changeover', 'auto'],
    ['damp cold', [['schools.dampCold', true]], 'defrost-interval', 60],
    ['dry cold', [], 'defrost-interval', 90],
    [
      'an outdoor thermostat, for E',
      [['gates.outdoorThermostats', [{ bank: 0, closesBelowF: 30 }]]],
      'aux-and-emergency',
      'apart',
    ],
    [
      'hair in the filter',
      [
        ['talk.pets', true],
        ['talk.filter', 'media'],
      ],
      'filter-reminder',
      180,
    ],
    ['one who has the code', [['talk.mayTouch', 'owner']], 'lock', 'full'],
  ])('%s', (_, changes, id, value) => expect(one(facts(...changes), id).worked).toBe(value));

  test('a lockout without an outdoor temperature does not exist, and the three ways to get one are named', () => {
    const { absent } = one(facts(), 'compressor-lockout');
    expect(absent).toMatch(/wired sensor/);
    expect(absent).toMatch(/wireless sensor/);
    expect(absent).toMatch(/weather service/);
  });

  test('the backup lockout never ends up below the compressor lockout', () =>
    fc.assert(
      fc.property(fc.integer({ min: 25, max: 60 }), fc.integer({ min: 20, max: 65 }), (compressorF, codeF) => {
        const settings = resolve(
          facts(
            ['thermostat.outdoorSensor', 'wired'],
            ['schools.compressorLockout', 'fixed'],
            ['schools.fixedCompressorBelowF', compressorF],
            ['schools.auxLockout', 'code'],
            ['schools.codeAuxAboveF', codeF],
          ),
        );
        expect(settings.get('aux-lockout')!.value).toBeGreaterThanOrEqual(
          settings.get('compressor-lockout')!.value as number,
        );
      }),
    ));
});

describe('a different choice', () => {
  const settings = resolve(facts());
  const droop = settings.get('droop')!;

  test('is shown next to the calculated value, with the reason', () => {
    const after = facts(
      ...changesToSet(facts(), droop, 4, 'The owner asked.').map(
        ({ path, value }) => [path, value] as [FactPath, unknown],
      ),
    );
    expect(one(after, 'droop')).toMatchObject({ value: 4, worked: 2, from: 'chosen', reason: 'The owner asked.' });
    expect(one(after, 'aux-on-point').worked).toBe(4);
  });

  test('that returns to the calculated value leaves no trace', () => {
    const before = facts(['setup.overrides', [{ setting: 'droop', value: '4', reason: 'once' }]]);
    expect(changesToSet(before, one(before, 'droop'), 2, '')).toEqual([{ path: 'setup.overrides', value: [] }]);
  });

  test('a saved value that cannot be read is not used, and this is reported', () => {
    const before = facts(['setup.overrides', [{ setting: 'droop', value: 'lots', reason: '' }]]);
    expect(one(before, 'droop')).toMatchObject({ value: 2, from: 'worked-out' });
    expect(contradictions(before).map(({ rule }) => rule)).toContain('override-readable');
  });

  test('a confirmed lockout on the job is a choice; an assumed one is not', () => {
    const gated = facts(['thermostat.outdoorSensor', 'wired'], ['schools.auxLockout', 'code']);
    expect(isOffTheJob(one(gated, 'aux-lockout'))).toBe(true);
    expect(one(gated, 'aux-lockout', EVERYBODY)).toMatchObject({ value: null, worked: 40, from: 'chosen' });
    const taken = changesToApplyAll(gated, resolve(gated)).reduce(
      (before, { path, value }) => withFact(before, path, value),
      gated,
    );
    expect([factValue(taken, 'gates.auxAboveF'), [...resolve(taken).values()].some(isOffTheJob)]).toEqual([40, false]);
  });

  test('moving an outdoor thermostat’s marker sets its dial', () => {
    const fitted = facts(['gates.outdoorThermostats', [{ bank: 0, closesBelowF: 22 }]]);
    expect(one(fitted, 'outdoor-thermostat-1')).toMatchObject({ value: 22, from: 'chosen' });
    expect(changesToSet(fitted, one(fitted, 'outdoor-thermostat-1'), 25, 'x')[0]).toEqual({
      path: 'gates.outdoorThermostats',
      value: [{ bank: 0, closesBelowF: 25 }],
    });
  });
});

test('settings are worded in either scale, differences without the 32', () => {
  const inC = (id: string, value: number | null) => inScale('C', settingWords(settingById(id)!, value));
  expect(inC('compressor-lockout', 23)).toBe('-5 °C');
  expect(inC('droop', 1.8)).toBe('1 °C');
  expect(inC('aux-on-point', 1.8)).toBe('1 °C below');
  expect(inC('compressor-lockout', null)).toBe('no lockout');
});

test.each(SAMPLES.map(({ id, facts: of, confirmed }) => [id, of, confirmed] as const))(
  'sample %s has no error in its settings',
  (_, of, confirmed) =>
    expect(contradictions(of, new Set(confirmed)).filter(({ severity }) => severity === 'error')).toEqual([]),
);
