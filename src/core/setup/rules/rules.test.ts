import { checkEquipment } from '../../check/equipment';
import { assumedFacts, type FactPath, type Facts, withFact } from '../../job/document';
import { jobModel } from '../../model/job-model';
import { apartF } from '../../units/degrees';
import { setupFindings } from '../findings';
import { resolveSettings } from '../resolve';
import { SETUP_RULES } from '.';

type Changes = readonly (readonly [FactPath, unknown])[];
const facts = (changes: Changes): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const set = (...rows: readonly (readonly [setting: string, value: string])[]): readonly [FactPath, unknown] => [
  'setup.overrides',
  rows.map(([setting, value]) => ({ setting, value, reason: 'tried' })),
];
const WIRED = ['thermostat.outdoorSensor', 'wired'] as const;
const FURNACE = ['system.backup', 'furnace'] as const;
const DAMP = ['year.weather', 'alder-sound'] as const;
const found = (of: Facts, rule: string) =>
  setupFindings({ facts: of, settings: resolveSettings({ facts: of, confirmed: new Set() }) }).filter(
    (finding) => finding.rule === rule,
  );

/** For each rule, a job that breaks it, and words that its finding must contain. */
const BROKEN: Readonly<Record<string, readonly [Changes, RegExp]>> = {
  'fossil-never-together': [[FURNACE, set(['backup-with-heat-pump', 'together'])], /run together/],
  'source-as-fitted': [[FURNACE, set(['backup-source', 'electric'])], /something else is installed/],
  'system-as-fitted': [[set(['system-type', 'conventional'])], /conventional/],
  'valve-as-plate': [[set(['reversing-valve', 'B'])], /valve|B/],
  'stages-as-wired': [[set(['compressor-stages', '2'])], /one output/],
  'off-point-apart': [[set(['aux-on-point', '2'], ['aux-off-point', '1.5'])], /0\.5\s°F apart/],
  'kit-size-as-fitted': [[set(['kit-size', '5'])], /kW is installed/],
  'fault-brings-heat': [[set(['emergency-on-fault', 'off'])], /./],
  'deadband-wide-enough': [[['talk.pets', true], set(['deadband', '1'])], /1\s°F/],
  'limits-leave-the-test': [[set(['heat-setpoint-most', '70'])], /too low to test/],
  'limits-leave-the-setpoint': [[set(['heat-setpoint-most', '62'])], /below the usual setpoint/],
  'lock-last': [[['talk.mayTouch', 'owner']], /locked/],
  'lockout-under-unit-limit': [[WIRED, ['outdoorUnit.minOutdoorF', 10], ['gates.compressorBelowF', 0]], /does nothing/],
  'unit-limit-needs-handover': [[WIRED, ['outdoorUnit.minOutdoorF', 15]], /does not know/],
  'short-rest': [[['schools.minimumOff', 2]], /off time is 2 min/],
  'cycles-fit-the-hour': [[set(['compressor-cycles', '6'], ['compressor-min-on', '15'])], /do not fit/],
  'furnace-cools-down': [[FURNACE, set(['backup-cycles', '6'])], /./],
  'air-with-strips': [[set(['fan-in-heat', 'equipment'])], /leaves the blower/],
  'emergency-goes-round': [
    [['gates.outdoorThermostats', [{ bank: 0, closesBelowF: 30 }]], set(['aux-and-emergency', 'together'])],
    /blocks both/,
  ],
  'two-gates-in-series': [
    [WIRED, ['gates.auxAboveF', 40], ['gates.outdoorThermostats', [{ bank: 0, closesBelowF: 30 }]]],
    /the same circuit/,
  ],
  'weather-needs-network': [
    [
      ['thermostat.outdoorSensor', 'weather'],
      ['gates.auxAboveF', 40],
      ['talk.tenants', true],
    ],
    /tenants/,
  ],
  'setback-without-recovery': [
    [
      ['talk.schedule', 'night'],
      ['talk.setbackF', 8],
      ['talk.lightSleepers', true],
    ],
    /every morning/,
  ],
  'recovery-wakes-sleepers': [
    [['talk.schedule', 'night'], ['talk.lightSleepers', true], set(['adaptive-recovery', 'on'])],
    /./,
  ],
  'restart-after-outage': [[set(['outage-restart', 'off'])], /./],
  'emergency-only-carries': [[['schools.auxWithHeatPump', 'emergency-only']], /cannot carry the house/],
  'changeover-off-the-balance': [[FURNACE, WIRED, ['gates.compressorBelowF', 55]], /furnace/],
  'changeover-never-cheaper': [
    [
      FURNACE,
      WIRED,
      ['gates.compressorBelowF', 55],
      ['outdoorUnit.minOutdoorF', -10],
      ['prices.electricPerKWh', 0.05],
      ['prices.fuelPerUnit', 9],
    ],
    /costs more at every temperature/,
  ],
  'airflow-for-size': [[['airHandler.heatCfm', 600]], /per ton/],
  'strips-have-air': [[['airHandler.auxCfm', 400]], /at least/],
  'sensor-only-shown': [[WIRED, ['gates.auxAboveF', 40], set(['outdoor-sensor-use', 'display'])], /display only/],
  'air-in-defrost': [
    [
      ['system.control', 'communicating'],
      set(['control-mode', 'communicating'], ['blower-in-defrost', 'stops'], ['strips-in-defrost', 'on']),
    ],
    /set to stop/,
  ],
  'room-sensor-fitted': [[set(['sensing-place', 'average'])], /no sensor in another room/],
  'test-reaches': [[set(['test-heat-most', '72'])], /stops at 72/],
  'two-waits-add': [[set(['board-backup-delay', '20'])], /adds 20 min/],
  'first-stage-time': [
    [
      ['outdoorUnit.stages', 'two'],
      ['thermostat.compressorOutputs', 2],
      set(['second-stage-least', '30'], ['upstage-time', '10']),
    ],
    /after 10 min, and the first must run 30/,
  ],
  'blower-runs-on': [[set(['fan-after-heat', '0'])], /after heat is 0 s/],
  'guard-lets-start': [[['proof.hasLineGuard', true], set(['guard-start-volts', '235'])], /is 235 V on a 240 V/],
  'screen-on-batteries': [[['thermostat.power', 'battery'], set(['screen', 'always'])], /on batteries/],
  'one-way-of-speed': [
    [['outdoorUnit.stages', 'inverter'], set(['adaptive-capacity', 'on'], ['accelerated-capacity', 'on'])],
    /both on/,
  ],
  'capacity-with-zones': [
    [['outdoorUnit.stages', 'inverter'], ['boxes.zoneBoard', true], set(['adaptive-capacity', 'on'])],
    /has zones/,
  ],
  'brisk-calls-backup': [[set(['response', 'brisk'])], /Brisk/],
  'run-on-in-damp': [[DAMP, set(['fan-after-cool', '90'])], /is 90 s after cooling/],
  'not-on-the-job-yet': [[['schools.dampCold', true]], /the job still has/],
  'override-readable': [[set(['droop', 'lots'])], /cannot be read/],
};

test('every rule is tested here', () =>
  expect(Object.keys(BROKEN).sort()).toEqual(SETUP_RULES.map(({ id }) => id).sort()));

describe.each(Object.entries(BROKEN))('%s', (rule, [changes, words]) => {
  const broken = facts(changes);

  test('is found, says what is wrong and what to do, and points at a setting', () => {
    const [first] = found(broken, rule);
    expect(first?.what).toMatch(words);
    expect(first!.fix.length).toBeGreaterThan(10);
    expect(first!.at).toMatch(/^setup\./);
  });

  test('is not found on an unchanged job', () => expect(found(assumedFacts(), rule)).toEqual([]));

  test('its one-tap fix, if it has one, fixes it', () => {
    const [first] = found(broken, rule);
    if (!first?.fixBy) return expect(found(broken, rule)).not.toEqual([]);
    const mended = facts([...changes, ...first.fixBy.map(({ path, value }) => [path, value] as const)]);
    expect(found(mended, rule)).toEqual([]);
  });
});

test.each<[string, Changes, string]>([
  ['conventional on a heat pump', [set(['system-type', 'conventional'])], 'heat-pump'],
  ['heat pump on dual fuel', [FURNACE, set(['system-type', 'heat-pump'])], 'dual-fuel'],
  ['dual fuel on strips', [set(['system-type', 'dual-fuel'])], 'heat-pump'],
])('a thermostat set to %s is an error', (_, changes, worked) => {
  const [finding] = found(facts(changes), 'system-as-fitted');
  expect(finding).toMatchObject({ severity: 'error' });
  const mended = facts([...changes, ...finding!.fixBy!.map(({ path, value }) => [path, value] as const)]);
  expect(resolveSettings({ facts: mended, confirmed: new Set() }).get('system-type')!.value).toBe(worked);
});

test('an off-point too close to the on-point gives the minimum difference and the reason', () => {
  const [finding] = found(facts([set(['aux-on-point', '2'], ['aux-off-point', '2'])]), 'off-point-apart');
  expect(finding).toMatchObject({ severity: 'error', fix: expect.stringContaining(`at least ${apartF(1)} apart`) });
  expect(finding!.why).toMatch(/cycles/);
});

describe('a choice just made is not advised against', () => {
  const furnace: Changes = [FURNACE, WIRED, ['gates.compressorBelowF', 55]];
  const rule = 'changeover-off-the-balance';

  test('a fixed changeover, if it is the one in effect', () => {
    expect(found(facts(furnace), rule)).toHaveLength(1);
    expect(found(facts([...furnace, ['schools.changeover', 'fixed'], ['schools.changeoverF', 55]]), rule)).toEqual([]);
    expect(found(facts([...furnace, ['schools.changeover', 'fixed'], ['schools.changeoverF', 30]]), rule)).toHaveLength(
      1,
    );
  });

  test('a lockout with strips, if it is the one in effect', () => {
    const strips: Changes = [WIRED, ['gates.compressorBelowF', 30]];
    const costly = (changes: Changes) =>
      checkEquipment(jobModel(facts(changes))).filter((finding) => finding.rule === 'costly-lockout').length;
    expect(costly(strips)).toBe(1);
    expect(costly([...strips, ['schools.compressorLockout', 'fixed'], ['schools.fixedCompressorBelowF', 30]])).toBe(0);
    expect(costly([...strips, ['schools.compressorLockout', 'fixed'], ['schools.fixedCompressorBelowF', 20]])).toBe(1);
  });
});
