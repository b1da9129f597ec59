import { findingsOf } from '../check';
import { DEFAULT_MOMENT } from '../control/moment';
import { withFault } from '../control/scenario';
import { assumedFacts, type Facts } from '../job/document';
import type { WireRow } from '../job/facts/wiring';
import { type Finding, findingKey } from '../job/finding';
import { jobModel } from '../model/job-model';
import { startupOf } from '../startup/startup-of';
import { addJumper, landEnd, wireRows } from './as-found';
import type { TerminalRef } from './harness';

const base = assumedFacts();
const roomy: Facts = { ...base, cables: { ...base.cables, thermostatConductors: 10, outdoorConductors: 10 } };
const dual: Facts = {
  ...roomy,
  system: { ...base.system, backup: 'furnace' },
  thermostat: { ...base.thermostat, backupSetting: 'fossil' },
};
const at = (device: TerminalRef['device'], mark: string): TerminalRef => ({ device, mark });
const found = (facts: Facts, change: (rows: readonly WireRow[]) => readonly WireRow[]): Facts => ({
  ...facts,
  wiring: { ...facts.wiring, asFound: change(wireRows(jobModel(facts).planned)) },
});
const off = (facts: Facts, cable: string, mark: string) => {
  const { planned } = jobModel(facts);
  const wire = planned.conductors.find(
    (each) => each.cable === cable && [each.from?.mark, each.to?.mark].includes(mark),
  )!;
  return found(facts, (rows) => landEnd(rows, wire.id, 'to', null));
};
const rulesOf = (facts: Facts): string[] =>
  findingsOf(jobModel(facts)).map(({ severity, rule }) => `${severity} ${rule}`);
const of = (facts: Facts, rule: string): Finding[] =>
  findingsOf(jobModel(facts)).filter((finding) => finding.rule === rule);
const withUnit = (change: Partial<Facts['outdoorUnit']>, facts: Facts = roomy): Facts => ({
  ...facts,
  outdoorUnit: { ...facts.outdoorUnit, ...change },
});
const withFurnace = (change: Partial<Facts['furnace']>, facts: Facts = dual): Facts => ({
  ...facts,
  furnace: { ...facts.furnace, ...change },
});

describe('rules that no other test names', () => {
  test.each<[string, string, Facts]>([
    [
      'strips without a blower',
      'error heat-with-air',
      off({ ...base, heatKit: { ...base.heatKit, hasInterlock: false } }, 'thermostat-cable', 'G'),
    ],
    [
      'a furnace taken for strips',
      'warning backup-set-to-fossil',
      { ...dual, thermostat: { ...dual.thermostat, backupSetting: 'electric' } },
    ],
    [
      'strips in defrost, and no W-out',
      'warning defrost-output',
      withUnit({ wTerminals: 'none', stripsInDefrost: true }),
    ],
    ['no interlock', 'advice interlock-fitted', withFurnace({ interlock: 'none' })],
    ['two stages, one output', 'advice second-stage-called', withUnit({ stages: 'two' })],
    [
      'low stage as strong as full',
      'warning low-stage-plausible',
      withUnit({
        stages: 'two',
        lowPoints: [
          { outdoorF: 47, btuh: 40_000, kW: 3 },
          { outdoorF: 17, btuh: 15_000, kW: 2 },
        ],
      }),
    ],
  ])('%s: %s', (_, rule, facts) => expect(rulesOf(facts)).toContain(rule));

  test('strips without a blower name the calls, and a blower interlock clears the finding', () => {
    const [finding] = of(
      off({ ...base, heatKit: { ...base.heatKit, hasInterlock: false } }, 'thermostat-cable', 'G'),
      'heat-with-air',
    );
    expect(finding).toMatchObject({
      severity: 'error',
      at: 'blower relay',
      what: expect.stringMatching(/heat \+ aux, emergency/),
    });
    expect(of(off(base, 'thermostat-cable', 'G'), 'heat-with-air')).toEqual([]);
  });
});

describe('a coil draws its inrush until it has pulled in', () => {
  const long: Facts = { ...base, cables: { ...base.cables, outdoorGauge: 22, outdoorLengthFt: 150 } };

  test('150 ft of 22 AWG holds more than 20 V sealed, and may never pull in', () => {
    expect(rulesOf(long)).toContain('error coils-pull-in');
    expect(rulesOf(base)).not.toContain('error coils-pull-in');
  });

  test('the plate’s own inrush decides', () => {
    expect(rulesOf(withUnit({ contactorInrushVA: 15, reversingValveInrushVA: 15 }, long))).not.toContain(
      'error coils-pull-in',
    );
    expect(rulesOf(withUnit({ contactorInrushVA: 120 }, base))).toContain('error coils-pull-in');
  });

  test('a coil that hums at its inrush loads the transformer and keeps its contacts open', () => {
    const { energized, volts } = jobModel(long).state({ ...DEFAULT_MOMENT, call: 'cool-1' });
    // The contactor closes first; the remaining volts do not pull the valve in.
    expect([energized.has('contactor'), energized.has('reversing valve')]).toEqual([true, false]);
    expect(volts.get('outdoor-unit.O')!).toBeGreaterThan(12);
    expect(volts.get('outdoor-unit.O')!).toBeLessThan(18);
  });
});

describe('signals come only from what has power', () => {
  test('C off a C-powered thermostat blanks it: nothing is called, and that is reported first', () => {
    const facts = off(base, 'thermostat-cable', 'C');
    const [named, power] = findingsOf(jobModel(facts));
    expect(named!.what).toMatch(/The thermostat is blank/);
    expect(power).toMatchObject({ rule: 'controls-have-power', at: 'thermostat electronics' });
    expect([...jobModel(facts).state({ ...DEFAULT_MOMENT, call: 'heat-aux' }).energized]).toEqual(['defrost board']);
    const battery: Facts = { ...base, thermostat: { ...base.thermostat, power: 'battery' } };
    expect(jobModel(battery).state(DEFAULT_MOMENT).energized.has('contactor')).toBe(true);
  });

  test.each(['R', 'C'] as const)('an outdoor board without %s never defrosts and passes no W', (mark) => {
    const facts = off(withUnit({ wTerminals: 'W-in+W-out' }), 'outdoor-cable', mark);
    const model = jobModel(facts);
    expect(of(facts, 'controls-have-power')).toMatchObject([{ at: 'defrost board' }]);
    const bankIn = (call: 'defrost' | 'heat-aux') =>
      model.state({ ...DEFAULT_MOMENT, call }).energized.has('heat bank 1');
    expect([bankIn('defrost'), bankIn('heat-aux')]).toEqual([false, false]);
    const valve = model.state({ ...DEFAULT_MOMENT, call: 'defrost' }).energized.has('reversing valve');
    expect(valve).toBe(false);
  });

  test('a fault can take the power too', () => {
    const { energized } = jobModel(base, withFault('open:thermostat electronics')).state(DEFAULT_MOMENT);
    expect(energized.has('contactor')).toBe(false);
  });
});

describe('an interlock is checked', () => {
  const relay = withFurnace({ interlock: 'relay' });
  const lead = (facts: Facts, mark: string) => off(facts, 'leads-interlock', mark);
  test.each<[string, Facts, string]>([
    ['its W lead off', lead(relay, 'W'), 'both called'],
    ['its C lead off', lead(relay, 'C'), 'both called'],
    [
      'a jumper across it',
      found(relay, (rows) => addJumper(rows, at('interlock', 'Y-in'), at('interlock', 'Y-out'))),
      'both called',
    ],
    [
      'a kit bridged',
      found(dual, (rows) => addJumper(rows, at('interlock', 'Y-in'), at('interlock', 'Y-out'))),
      'hot air',
    ],
  ])('%s', (_, facts, aspect) =>
    expect(
      of(facts, 'interlock-works')
        .filter(({ severity }) => severity === 'error')
        .map((each) => each.aspect),
    ).toContain(aspect),
  );

  test('Y powered past it', () => {
    const { planned } = jobModel(relay);
    const y = planned.conductors.find(({ cable, to }) => cable === 'outdoor-cable' && to?.mark === 'Y')!;
    const past = found(relay, (rows) => landEnd(rows, y.id, 'from', at('furnace', 'Y')));
    expect(of(past, 'interlock-works')).toMatchObject([{ severity: 'error' }]);
  });

  test('good ones have no finding, and Y2 past one is advice', () => {
    expect([of(relay, 'interlock-works'), of(dual, 'interlock-works')]).toEqual([[], []]);
    const two = withUnit({ stages: 'two' }, { ...relay, thermostat: { ...relay.thermostat, compressorOutputs: 2 } });
    expect(of(two, 'interlock-works')).toMatchObject([{ severity: 'advice', aspect: 'second stage' }]);
  });
});

describe('the outdoor sensor', () => {
  const sensed: Facts = { ...roomy, thermostat: { ...roomy.thermostat, outdoorSensor: 'wired' } };

  test('one lead on R puts 24 V through the thermistor onto the other terminal', () => {
    const { planned } = jobModel(sensed);
    const s1 = planned.conductors.find(({ from }) => from?.device === 'thermostat' && from.mark === 'S1')!;
    const live = found(sensed, (rows) => landEnd(rows, s1.id, 'from', at('thermostat', 'R')));
    expect(jobModel(live).state(DEFAULT_MOMENT).volts.get('thermostat.S2')!).toBeGreaterThan(20);
    expect(of(live, 'sensor-alone').map(({ aspect }) => aspect)).toEqual(expect.arrayContaining(['joined', 'live']));
  });

  test('an open lead is a warning, and says what stops with it', () => {
    const open = off(sensed, 'outdoor-cable', 'S2');
    expect(of(open, 'sensor-alone')).toMatchObject([{ severity: 'warning', aspect: 'open' }]);
    const gated = off({ ...sensed, gates: { ...sensed.gates, auxAboveF: 40 } }, 'outdoor-cable', 'S2');
    expect(of(gated, 'sensor-alone')[0]!.what).toMatch(/its lockouts do not work/);
    expect(of(sensed, 'sensor-alone')).toEqual([]);
  });
});

describe('heat on a fault', () => {
  const board = withUnit({ wTerminals: 'W-out', faultOutput: 'heat' });
  const bankIn = (facts: Facts, call: 'off' | 'cool-1' | 'heat-1') =>
    jobModel(facts, { conditions: ['board-lockout'], faults: [] })
      .state({ ...DEFAULT_MOMENT, call })
      .energized.has('heat bank 1');

  test('waits for a heating call, or says that it does not', () => {
    expect((['off', 'cool-1', 'heat-1'] as const).map((call) => bankIn(board, call))).toEqual([false, false, true]);
    const always = withUnit({ faultHeat: 'always' }, board);
    expect((['off', 'cool-1', 'heat-1'] as const).map((call) => bankIn(always, call))).toEqual([true, true, true]);
    expect(of(always, 'fault-heat-waits')).toMatchObject([
      { severity: 'warning', what: expect.stringMatching(/off, fan, cool/) },
    ]);
    expect(of(board, 'fault-heat-waits')).toEqual([]);
  });
});

describe('a furnace’s second stage', () => {
  const twoStage: Facts = { ...dual, airHandler: { ...dual.airHandler, wInputs: 'W1+W2' } };

  test('that no wire calls comes on by its timer, or never', () => {
    expect(of(twoStage, 'furnace-stages-called')).toMatchObject([{ severity: 'advice' }]);
    const byWire = withFurnace({ staging: 'wire', outputBtuh: 60_000 }, twoStage);
    expect(of(byWire, 'furnace-stages-called')).toMatchObject([
      { severity: 'warning', what: expect.stringMatching(/40 of 60 kBtu/) },
    ]);
    const called: Facts = { ...twoStage, thermostat: { ...twoStage.thermostat, heatTerminals: 'AUX1+AUX2+E' } };
    expect(of(called, 'furnace-stages-called')).toEqual([]);
  });
});

describe('tempering from a furnace', () => {
  test('without an interlock is a choice; behind one it is an error', () => {
    const chosen = withFurnace({ interlock: 'none', tempersDefrost: true });
    expect(of(chosen, 'no-defrost-heat-from-furnace')).toMatchObject([{ severity: 'advice' }]);
    expect(rulesOf(chosen).filter((rule) => rule.startsWith('error'))).toEqual([]);
    const { energized } = jobModel(chosen).state({ ...DEFAULT_MOMENT, call: 'defrost' });
    expect([energized.has('contactor'), energized.has('furnace heat')]).toEqual([true, true]);
    const landed = found(dual, (rows) => [
      ...rows.filter(({ cable, colour }) => !(cable === 'outdoor-cable' && colour === 'brown')),
      { cable: 'outdoor-cable', colour: 'brown', from: 'furnace.W1', to: 'outdoor-unit.W-out' },
    ]);
    expect(of(landed, 'no-defrost-heat-from-furnace')).toMatchObject([{ severity: 'error' }]);
  });
});

describe('emergency heat with jumper and outdoor thermostat', () => {
  test('waits for the cold, and this is reported', () => {
    const gated: Facts = { ...roomy, gates: { ...roomy.gates, outdoorThermostats: [{ bank: 0, closesBelowF: 30 }] } };
    const { planned } = jobModel(gated);
    const e = planned.conductors.find(({ from }) => from?.device === 'thermostat' && from.mark === 'E')!;
    const both = found(gated, (rows) =>
      addJumper(landEnd(rows, e.id, 'to', null), at('thermostat', 'AUX'), at('thermostat', 'E')),
    );
    expect(of(both, 'emergency-heats')).toMatchObject([
      { aspect: 'mild', what: expect.stringMatching(/in mild weather emergency heat is missing/) },
    ]);
  });
});

describe('a defrost', () => {
  test('is held off while the coil is warm, and says so', () => {
    const warm = jobModel(base).state({ ...DEFAULT_MOMENT, outdoorF: 55, call: 'defrost' });
    expect(warm.signals.has('defrost')).toBe(false);
    expect(warm.lockedOut).toMatchObject([
      { source: 'defrost', why: expect.stringMatching(/the coil is about 43 °F/) },
    ]);
    expect(jobModel(base).state({ ...DEFAULT_MOMENT, outdoorF: 35, call: 'defrost' }).lockedOut).toEqual([]);
  });

  test('runs on second stage if the board forces it, whatever the thermostat calls', () => {
    const two = withUnit({ stages: 'two' }, { ...roomy, thermostat: { ...roomy.thermostat, compressorOutputs: 2 } });
    const stageIn = (facts: Facts) =>
      jobModel(facts)
        .state({ ...DEFAULT_MOMENT, call: 'defrost' })
        .energized.has('second stage');
    expect([stageIn(two), stageIn(withUnit({ defrostFullStage: true }, two))]).toEqual([false, true]);
    expect(rulesOf(withUnit({ defrostFullStage: true }, two)).filter((rule) => !rule.startsWith('advice'))).toEqual([]);
  });
});

describe('a packaged unit with a furnace inside', () => {
  const packaged: Facts = {
    ...withFurnace({ fuel: 'propane' }),
    system: { ...dual.system, cabinet: 'packaged' },
    airHandler: { ...dual.airHandler, wInputs: 'W1' },
    thermostat: { ...dual.thermostat, outdoorSensor: 'wired' },
  };
  const model = jobModel(packaged);

  test('is planned: one cabinet, one cable, its strip, the sensor to the thermostat, the low-gas switch in the circuit', () => {
    expect(model.refused).toEqual([]);
    expect(model.planned.devices.map(({ id }) => id)).toEqual([
      'thermostat',
      'low-gas-switch',
      'packaged-unit',
      'outdoor-sensor',
    ]);
    const marks = model.planned.devices.find(({ id }) => id === 'packaged-unit')!.terminals.map(({ mark }) => mark);
    expect(marks).toEqual(expect.arrayContaining(['R', 'C', 'Y', 'O', 'G', 'W']));
    expect(model.planned.cables.map(({ id }) => id).filter((id) => !id.startsWith('leads-'))).toEqual([
      'thermostat-cable',
    ]);
    expect(findingsOf(model).filter(({ severity }) => severity !== 'advice')).toEqual([]);
  });

  test('fires alone in emergency, never with its compressor, and not on an empty tank or an open limit', () => {
    const { energized } = model.state({ ...DEFAULT_MOMENT, call: 'emergency' });
    expect([energized.has('furnace heat'), energized.has('contactor')]).toEqual([true, false]);
    for (const condition of ['tank-empty', 'limit-open'] as const)
      expect(
        jobModel(packaged, { conditions: [condition], faults: [] })
          .state({ ...DEFAULT_MOMENT, call: 'emergency' })
          .energized.has('furnace heat'),
      ).toBe(false);
    const electric: Facts = { ...packaged, thermostat: { ...packaged.thermostat, backupSetting: 'electric' } };
    const both = jobModel(electric).state({ ...DEFAULT_MOMENT, call: 'heat-aux' }).energized;
    expect([both.has('furnace heat'), both.has('contactor')]).toEqual([true, false]);
  });

  test('passes the same checks as all others', () => {
    const steps = startupOf(model, [], DEFAULT_MOMENT).map(({ step }) => step.id);
    expect(steps).toEqual(expect.arrayContaining(['furnace', 'heat', 'cool', 'defrost']));
    expect(steps).not.toContain('heat-aux');
    const keysOf = (of: typeof model) =>
      startupOf(of, [], DEFAULT_MOMENT).flatMap(({ items }) => items.map(({ key }) => key));
    expect(keysOf(model)).toEqual(
      expect.arrayContaining(['emergency/volts-air-handler-W1', 'heat/volts-outdoor-unit-Y']),
    );
    // Gas pressures are for those who say that they are licensed.
    expect(keysOf(model)).not.toContain('emergency/manifold');
    expect(keysOf(jobModel({ ...model.facts, proof: { ...model.facts.proof, fuelWork: true } }))).toContain(
      'emergency/manifold',
    );
  });
});

describe('waived findings', () => {
  const twice = jobModel(found(base, (rows) => addJumper(rows, at('air-handler', 'R'), at('air-handler', 'W1'))));

  test('waiving one finding never hides its opposite at the same place', () => {
    const of = findingsOf(twice).filter(({ rule }) => rule === 'calls-do-as-planned');
    const keys = of.map(findingKey);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys.every((key) => /\|(lost|extra|chatters)(, mild)?$/.test(key))).toBe(true);
  });

  test('an old key that covered several does not carry over, one that named a single thing does', () => {
    const waived = (finding: string): Facts => ({
      ...found(base, (rows) => addJumper(rows, at('air-handler', 'R'), at('air-handler', 'W1'))),
      wiring: {
        asFound: addJumper(wireRows(jobModel(base).planned), at('air-handler', 'R'), at('air-handler', 'W1')),
        waivers: [{ finding, what: '', reason: 'Known.', by: 'R. A.', at: '2026-01-01T00:00:00Z' }],
      },
    });
    const hidden = (facts: Facts) => findingsOf(jobModel(facts)).filter((finding) => finding.waived !== undefined);
    expect(hidden(waived('calls-do-as-planned|heat bank 1'))).toEqual([]);
    expect(hidden(waived('calls-do-as-planned|heat bank 1|extra'))).toHaveLength(1);
    const communicating: Facts = {
      ...waived('control-agrees|system.control'),
      system: { ...base.system, control: 'communicating' },
    };
    expect(hidden(communicating).map(({ rule }) => rule)).toEqual(['control-agrees']);
  });
});
