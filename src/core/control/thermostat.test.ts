import fc from 'fast-check';
import { assumedFacts, type Facts } from '../job/document';
import { knowsOutdoor, lockoutsInForce } from './lockouts';
import { CALL_IDS, type CallId, DEFAULT_MOMENT } from './moment';
import { control } from './thermostat';

const base = assumedFacts();
const gated = (
  compressorBelowF: number | null,
  auxAboveF: number | null,
  change: Partial<Facts['thermostat']> = {},
): Facts => ({
  ...base,
  thermostat: { ...base.thermostat, outdoorSensor: 'wired', ...change },
  gates: { ...base.gates, compressorBelowF, auxAboveF },
});
const at = (facts: Facts, call: CallId, outdoorF = 28) => control(facts, { ...DEFAULT_MOMENT, call, outdoorF });
const signals = (facts: Facts, call: CallId, outdoorF?: number) =>
  [...at(facts, call, outdoorF).signals].sort().join(' ');

describe('what each call sends', () => {
  test.each([
    ['off', '', ''],
    ['fan', 'G', 'G'],
    ['heat-1', 'G Y', 'B G Y'],
    ['heat-aux', 'AUX G Y', 'AUX B G Y'],
    ['emergency', 'E G', 'E G'],
    ['cool-1', 'G O Y', 'G Y'],
    ['defrost', 'G Y defrost', 'B G Y defrost'],
  ] as const)('%s: O “%s”, B “%s”', (call, forO, forB) => {
    expect([signals(gated(null, null), call), signals(gated(null, null, { valveSetting: 'B' }), call)]).toEqual([
      forO,
      forB,
    ]);
  });
});

describe('lockouts', () => {
  test.each([
    ['just at the compressor lockout it runs', 'heat-1', 30, 'G Y'],
    ['a degree below, the strips are first stage', 'heat-1', 29, 'AUX G'],
    ['just at the strip lockout they run', 'heat-aux', 45, 'AUX G Y'],
    ['a degree above they are held', 'heat-aux', 46, 'G Y'],
    ['emergency heat passes every gate', 'emergency', 60, 'E G'],
    ['no defrost without the compressor', 'defrost', 10, 'AUX G'],
    ['cooling asks no heating gate', 'cool-1', 10, 'G O Y'],
  ] as const)('%s', (_, call, outdoorF, expected) => expect(signals(gated(30, 45), call, outdoorF)).toBe(expected));

  test('between two lockouts with a gap, a heat call turns on nothing, and both reasons are given', () => {
    const state = at(gated(35, 30), 'heat-aux', 33);
    expect(state.signals.size).toBe(0);
    expect(state.lockedOut.map(({ source }) => source)).toEqual(['compressor', 'strips']);
    for (const { why } of state.lockedOut) expect(why).toMatch(/33 °F out/);
  });

  test('the unit low-temp cutoff is named, though Y is sent', () => {
    const state = at({ ...gated(null, null), outdoorUnit: { ...base.outdoorUnit, minOutdoorF: 15 } }, 'heat-1', 10);
    expect(state.signals.has('Y')).toBe(true);
    expect(state.lockedOut[0]!.why).toMatch(/low-temperature cutoff stops it below 15 °F/);
  });

  test('do not act without an outdoor temperature', () => {
    const deaf = gated(30, 45, { outdoorSensor: 'none' });
    expect([knowsOutdoor(deaf), lockoutsInForce(deaf)]).toEqual([false, { compressorBelowF: null, auxAboveF: null }]);
    expect(signals(deaf, 'heat-1', 0)).toBe('G Y');
  });
});

const anyGates = fc.record({
  low: fc.option(fc.integer({ min: -20, max: 60 })),
  high: fc.option(fc.integer({ min: -10, max: 70 })),
  sensor: fc.constantFrom('none' as const, 'wired' as const, 'wireless' as const, 'weather' as const),
  valve: fc.constantFrom('O' as const, 'B' as const),
});

describe('with any lockouts and weather', () => {
  test('the valve is never sent both ways, O only in cooling, B only in heating', () => {
    fc.assert(
      fc.property(
        anyGates,
        fc.constantFrom(...CALL_IDS),
        fc.integer({ min: -20, max: 70 }),
        ({ low, high, sensor, valve }, call, outdoorF) => {
          const sent = at(gated(low, high, { outdoorSensor: sensor, valveSetting: valve }), call, outdoorF).signals;
          expect(sent.has('O') && sent.has('B')).toBe(false);
          if (sent.has('O')) expect(['cool-1', 'cool-2']).toContain(call);
          if (sent.has('B')) expect(['heat-1', 'heat-2', 'heat-aux', 'defrost']).toContain(call);
        },
      ),
    );
  });

  test('anything that heats or cools has the blower, and emergency heat never has the compressor', () => {
    fc.assert(
      fc.property(
        anyGates,
        fc.constantFrom(...CALL_IDS),
        fc.integer({ min: -20, max: 70 }),
        ({ low, high, sensor }, call, outdoorF) => {
          const sent = at(gated(low, high, { outdoorSensor: sensor }), call, outdoorF).signals;
          if (['Y', 'AUX', 'E'].some((signal) => sent.has(signal as 'Y'))) expect(sent.has('G')).toBe(true);
          if (call === 'emergency') expect([...sent].sort()).toEqual(['E', 'G']);
        },
      ),
    );
  });

  test('a call that is not fully answered always says why', () => {
    fc.assert(
      fc.property(anyGates, fc.integer({ min: -20, max: 70 }), ({ low, high, sensor }, outdoorF) => {
        const state = at(gated(low, high, { outdoorSensor: sensor }), 'heat-aux', outdoorF);
        const lacks = ['Y', 'AUX'].filter((signal) => !state.signals.has(signal as 'Y'));
        expect(state.lockedOut).toHaveLength(lacks.length);
      }),
    );
  });
});
