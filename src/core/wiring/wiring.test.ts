import fc from 'fast-check';
import { findingsOf as findingsOfModel } from '../check';
import { CALL_IDS, type CallId, callsOf, DEFAULT_MOMENT } from '../control/moment';
import { bankCoilId } from '../devices/ids';
import { assumedFacts, type Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { plan } from './plan';
import { meterVolts, terminalVolts, wiringState } from './state';
import { terminalTable, withValve } from './terminal-table';

type Words = Parameters<typeof findingsOfModel> extends [unknown, ...infer Rest] ? Rest : never;
const findingsOf = (facts: Facts, ...words: Words) => findingsOfModel(jobModel(facts), ...words);

const base = assumedFacts();
const at = (facts: Facts, call: CallId, outdoorF = 28) =>
  wiringState(facts, plan(facts), { ...DEFAULT_MOMENT, call, outdoorF });
const ofUnit = (facts: Facts, call: CallId) =>
  ['Y', facts.outdoorUnit.reversingValve, 'W-out'].filter((mark) => at(facts, call).hot.has(`outdoor-unit.${mark}`));

describe('what is hot at the outdoor unit', () => {
  test.each([
    ['off', [], []],
    ['fan', [], []],
    ['heat-1', ['Y'], ['Y', 'B']],
    ['heat-2', ['Y'], ['Y', 'B']],
    ['heat-aux', ['Y', 'W-out'], ['Y', 'B', 'W-out']],
    ['emergency', ['W-out'], ['W-out']],
    ['cool-1', ['Y', 'O'], ['Y']],
    ['defrost', ['Y', 'W-out'], ['Y', 'B', 'W-out']],
  ] as const)('%s', (call, forO, forB) => {
    expect(ofUnit(withValve(base, 'O'), call)).toEqual(forO);
    expect(ofUnit(withValve(base, 'B'), call)).toEqual(forB);
  });
});

test('in defrost the valve is as in cooling, O and B alike, and the strips come on', () => {
  const o = at(withValve(base, 'O'), 'defrost');
  const b = at(withValve(base, 'B'), 'defrost');
  expect([...o.energized]).toEqual(expect.arrayContaining(['contactor', 'reversing valve', bankCoilId(1)]));
  expect(b.energized.has('reversing valve')).toBe(false);
  expect(b.energized.has(bankCoilId(1))).toBe(true);
  expect(terminalVolts(o, 'thermostat', 'AUX')).toBeGreaterThan(20); // the board's output feeds back to the thermostat
  expect(terminalVolts(o, 'thermostat', 'O/B')).toBeLessThan(1);
});

test('without strips in defrost no conductor goes out for them, and none come on', () => {
  const cold: Facts = { ...base, outdoorUnit: { ...base.outdoorUnit, stripsInDefrost: false } };
  expect(plan(cold).conductors.some(({ to }) => to?.device === 'outdoor-unit' && to.mark === 'W-out')).toBe(false);
  expect(at(cold, 'defrost').energized.has(bankCoilId(1))).toBe(false);
});

test('a thermostat set backward cools when heat is called', () => {
  const wrong: Facts = { ...base, thermostat: { ...base.thermostat, valveSetting: 'B' } };
  expect(at(wrong, 'heat-1').energized.has('reversing valve')).toBe(true);
  expect(findingsOf(wrong)[0]).toMatchObject({
    rule: 'valve-agrees',
    severity: 'error',
    fact: 'thermostat.valveSetting',
  });
});

test('lockouts: the strips become first stage below, and are locked out above', () => {
  const gated: Facts = {
    ...base,
    thermostat: { ...base.thermostat, outdoorSensor: 'wired' },
    gates: { ...base.gates, compressorBelowF: 20, auxAboveF: 40 },
  };
  expect([...at(gated, 'heat-1', 19).energized]).toEqual(expect.arrayContaining([bankCoilId(1), 'blower relay']));
  expect(at(gated, 'heat-1', 19).energized.has('contactor')).toBe(false);
  expect(at(gated, 'heat-1', 20).energized.has('contactor')).toBe(true);
  const mild = at(gated, 'heat-aux', 41);
  expect(mild.energized.has(bankCoilId(1))).toBe(false);
  expect(mild.lockedOut).toEqual([{ source: 'strips', why: expect.stringContaining('locked out above 40 °F') }]);
  expect(at(gated, 'defrost', 10).energized.has('contactor')).toBe(false);
});

const anyFacts: fc.Arbitrary<Facts> = fc
  .record({
    valve: fc.constantFrom('O' as const, 'B' as const),
    two: fc.boolean(),
    sensor: fc.boolean(),
    compressorBelowF: fc.option(fc.integer({ min: -10, max: 50 })),
    auxAboveF: fc.option(fc.integer({ min: 0, max: 60 })),
    tempering: fc.boolean(),
    battery: fc.boolean(),
    lengthFt: fc.integer({ min: 5, max: 150 }),
  })
  .map(({ valve, two, sensor, compressorBelowF, auxAboveF, tempering, battery, lengthFt }) => {
    const facts = withValve(base, valve);
    return {
      ...facts,
      outdoorUnit: { ...facts.outdoorUnit, stripsInDefrost: tempering },
      airHandler: { ...facts.airHandler, wInputs: two ? 'W1+W2' : 'W1' },
      heatKit: {
        ...facts.heatKit,
        elements: [
          { kW: 4.8, bank: 1, onS: 20, offS: 40 },
          { kW: 4.8, bank: two ? 2 : 1, onS: 45, offS: 20 },
        ],
      },
      thermostat: { ...facts.thermostat, outdoorSensor: sensor ? 'wired' : 'none', power: battery ? 'battery' : 'C' },
      gates: { ...base.gates, compressorBelowF, auxAboveF },
      cables: { ...facts.cables, thermostatLengthFt: lengthFt, outdoorLengthFt: lengthFt },
    };
  });

describe('every plan', () => {
  test('turns on every bank in emergency heat, at every outdoor temperature, compressor off', () => {
    fc.assert(
      fc.property(anyFacts, fc.integer({ min: -20, max: 70 }), (facts, outdoorF) => {
        const state = at(facts, 'emergency', outdoorF);
        for (const { bank } of facts.heatKit.elements) expect(state.energized.has(bankCoilId(bank))).toBe(true);
        expect(state.energized.has('contactor')).toBe(false);
      }),
    );
  });

  test('never chatters, and never runs strips without the blower', () => {
    fc.assert(
      fc.property(
        anyFacts,
        fc.constantFrom(...CALL_IDS),
        fc.integer({ min: -20, max: 70 }),
        (facts, call, outdoorF) => {
          const state = at(facts, call, outdoorF);
          expect(state.chattering).toEqual([]);
          if (state.energized.has(bankCoilId(1))) expect(state.energized.has('blower relay')).toBe(true);
        },
      ),
    );
  });

  test('lands each color once in a cable', () => {
    fc.assert(
      fc.property(anyFacts, fc.integer({ min: 2, max: 10 }), (facts, count) => {
        const harness = plan({
          ...facts,
          cables: { ...facts.cables, thermostatConductors: count, outdoorConductors: count },
        });
        for (const { id } of harness.cables) {
          const used = harness.conductors
            .filter(({ cable, colour }) => cable === id && colour !== null)
            .map(({ colour }) => colour);
          expect(new Set(used).size).toBe(used.length);
          expect(used.length).toBe(count);
        }
      }),
    );
  });
});

describe('rules', () => {
  const rulesOf = (change: (facts: Facts) => Facts) =>
    findingsOf(change(base)).map(({ rule, severity }) => `${severity} ${rule}`);
  test.each<[string, string, (facts: Facts) => Facts]>([
    ['a sound system is silent but for nothing', '', (facts) => facts],
    [
      'five conductors where six are needed',
      'error enough-conductors',
      (facts) => ({ ...facts, cables: { ...facts.cables, thermostatConductors: 5 } }),
    ],
    [
      'no spare',
      'advice enough-conductors',
      (facts) => ({ ...facts, cables: { ...facts.cables, outdoorConductors: 5 } }),
    ],
    [
      'a bank without its W input',
      'error kit-reached',
      (facts) => ({
        ...facts,
        heatKit: {
          ...facts.heatKit,
          elements: [
            { kW: 4.8, bank: 1, onS: 20, offS: 40 },
            { kW: 4.8, bank: 2, onS: 45, offS: 20 },
          ],
        },
      }),
    ],
    [
      'too small a transformer',
      'error transformer-carries',
      (facts) => ({ ...facts, airHandler: { ...facts.airHandler, transformerVA: 20 } }),
    ],
    [
      'thin and long',
      'error coils-have-volts',
      (facts) => ({ ...facts, cables: { ...facts.cables, outdoorGauge: 24, outdoorLengthFt: 500 } }),
    ],
    [
      'too heavy coils for the fuse',
      'error fuse-carries',
      (facts) => ({
        ...facts,
        airHandler: { ...facts.airHandler, transformerVA: 100 },
        outdoorUnit: { ...facts.outdoorUnit, contactorVA: 25, reversingValveVA: 25, boardVA: 25 },
        thermostat: { ...facts.thermostat, thermostatVA: 10 },
      }),
    ],
    ['too little air', 'error enough-air', (facts) => ({ ...facts, airHandler: { ...facts.airHandler, auxCfm: 600 } })],
    [
      'a breaker too small',
      'error breakers-fit',
      (facts) => ({ ...facts, heatKit: { ...facts.heatKit, breakersAmps: [50] } }),
    ],
    [
      'a breaker too large',
      'error breakers-fit',
      (facts) => ({ ...facts, heatKit: { ...facts.heatKit, breakersAmps: [70] } }),
    ],
    [
      'a breaker too many',
      'warning breakers-fit',
      (facts) => ({ ...facts, heatKit: { ...facts.heatKit, breakersAmps: [60, 30] } }),
    ],
    [
      'a 240 V kit on 208 V',
      'advice volts-suit',
      (facts) => ({ ...facts, heatKit: { ...facts.heatKit, serviceVolts: 208 } }),
    ],
    [
      'a lockout and no sensor',
      'error lockout-needs-sensor',
      (facts) => ({ ...facts, gates: { ...base.gates, compressorBelowF: null, auxAboveF: 40 } }),
    ],
    [
      'a gap',
      'error hole-between-gates',
      (facts) => ({
        ...facts,
        thermostat: { ...facts.thermostat, outdoorSensor: 'weather' },
        gates: { ...base.gates, compressorBelowF: 40, auxAboveF: 30 },
      }),
    ],
    [
      'a costly lockout',
      'advice costly-lockout',
      (facts) => ({
        ...facts,
        thermostat: { ...facts.thermostat, outdoorSensor: 'weather' },
        gates: { ...base.gates, compressorBelowF: 30, auxAboveF: null },
      }),
    ],
    [
      'a house too large',
      'warning shortfall',
      (facts) => ({ ...facts, house: { ...facts.house, designBtuh: 90_000 } }),
    ],
    [
      'more heat when colder',
      'warning rating-points-plausible',
      (facts) => ({
        ...facts,
        outdoorUnit: {
          ...facts.outdoorUnit,
          ratingPoints: [
            { outdoorF: 47, btuh: 20_000, kW: 2 },
            { outdoorF: 17, btuh: 30_000, kW: 2 },
          ],
        },
      }),
    ],
    [
      'no-load above the setpoint',
      'warning load-plausible',
      (facts) => ({ ...facts, house: { ...facts.house, noLoadF: 70 } }),
    ],
  ])('%s: %s', (_, expected, change) => {
    if (expected === '') expect(rulesOf(change)).toEqual([]);
    else expect(rulesOf(change)).toContain(expected);
  });
});

test('the table agrees with the meter', () => {
  const { planned, soundStates } = jobModel(base);
  const rows = terminalTable(planned, soundStates(DEFAULT_MOMENT));
  for (const call of callsOf(base)) {
    const state = at(base, call);
    for (const { device, mark, volts } of rows)
      expect(meterVolts(state, { device, mark }, { device, mark: 'C' })).toBeCloseTo(volts.get(call)!, 12);
  }
});
