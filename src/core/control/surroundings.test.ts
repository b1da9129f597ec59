import fc from 'fast-check';
import { assumedFacts, type Facts } from '../job/document';
import { CONDITIONS, conditionsOf } from './conditions';
import { CALL_IDS, callsOf, DEFAULT_MOMENT } from './moment';
import { backupOutputs } from './outputs';
import { NO_FAULTS, type Scenario, withCondition } from './scenario';
import { control } from './thermostat';

const base = assumedFacts();
const dual: Facts = {
  ...base,
  system: { ...base.system, backup: 'furnace', floatSwitch: 'R' },
  furnace: { ...base.furnace, fuel: 'propane' },
  thermostat: { ...base.thermostat, backupSetting: 'fossil' },
  boxes: { ...base.boxes, loadControl: 'Y', humidifier: 'alone', dehumidify: 'cooling' },
};
const signals = (facts: Facts, call: (typeof CALL_IDS)[number], outdoorF = 28, scenario: Scenario = NO_FAULTS) =>
  control(facts, { ...DEFAULT_MOMENT, call, outdoorF, scenario }).signals;

test('a furnace replaces the compressor; strips run with it', () => {
  expect([...signals(dual, 'heat-aux')]).toEqual(['AUX']);
  expect(control(dual, { ...DEFAULT_MOMENT, call: 'heat-aux' }).lockedOut).toEqual([
    { source: 'compressor', why: expect.stringContaining('drops Y') },
  ]);
  expect([...signals(base, 'heat-aux')].sort()).toEqual(['AUX', 'G', 'Y']);
  expect([...signals(dual, 'emergency')]).toEqual(['E']);
});

test('two stages only if thermostat and unit both have them', () => {
  const two: Facts = {
    ...base,
    thermostat: { ...base.thermostat, compressorOutputs: 2 },
    outdoorUnit: { ...base.outdoorUnit, stages: 'two' },
  };
  expect(callsOf(two)).toEqual(CALL_IDS);
  expect(callsOf(base)).toEqual(CALL_IDS.filter((call) => !call.endsWith('-2')));
  expect(signals(two, 'heat-2').has('Y2')).toBe(true);
  expect(signals(two, 'heat-1').has('Y2')).toBe(false);
});

test('an outdoor thermostat closes at its dial and below, on every call', () => {
  const gated: Facts = { ...base, gates: { ...base.gates, outdoorThermostats: [{ bank: 1, closesBelowF: 30 }] } };
  fc.assert(
    fc.property(fc.constantFrom(...CALL_IDS), fc.integer({ min: -20, max: 70 }), (call, outdoorF) => {
      expect(signals(gated, call, outdoorF).has('outdoor-thermostat-1')).toBe(outdoorF <= 30);
    }),
  );
});

test('conditions are tried only if the system can meet them; a locked-out board does not defrost', () => {
  expect(conditionsOf(base).map(({ id }) => id)).toEqual(['board-lockout']);
  expect(conditionsOf(dual)).toEqual(CONDITIONS);
  expect(signals(base, 'off', 28, withCondition('tank-empty')).size).toBe(0);
  expect([...signals(dual, 'off', 28, withCondition('tank-empty'))]).toEqual(['tank-empty']);
  expect(signals(base, 'defrost', 28, withCondition('board-lockout')).has('defrost')).toBe(false);
  expect(signals(base, 'defrost').has('defrost')).toBe(true);
});

test.each([
  ['AUX+E', 'unused', { aux: 'AUX', emergency: 'E' }],
  ['AUX1+AUX2+E', 'unused', { aux: 'AUX1', secondAux: 'AUX2', emergency: 'E' }],
  ['W2', 'unused', { aux: 'W2' }],
  ['W2', 'emergency', { aux: 'W2', emergency: 'X' }],
  ['W2', 'second-aux', { aux: 'W2', secondAux: 'X' }],
  ['W2', 'fault-lamp', { aux: 'W2', faultLamp: 'X' }],
  ['none', 'unused', {}],
] as const)('%s with the free terminal %s', (heatTerminals, assigned, expected) => {
  const facts: Facts = { ...base, thermostat: { ...base.thermostat, heatTerminals, assigned } };
  expect(backupOutputs(facts)).toEqual(expected);
  // Emergency heat uses its own terminal, or the auxiliary terminal.
  expect(signals(facts, 'emergency').has('emergency' in expected ? 'E' : 'AUX')).toBe(true);
});
