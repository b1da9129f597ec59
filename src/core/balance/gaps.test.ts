import fc from 'fast-check';
import { type CallId, DEFAULT_MOMENT } from '../control/moment';
import { assumedFacts, type Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { allowedCurve, balance, type BalanceInput } from './balance';
import { balanceAt, jobBalance } from './from-job';
import { capacityCurve, copAt } from './heat-pump';
import { loadCurve } from './load';
import { outdoorRuler } from './outdoor-ruler';
import { rulerSentence } from './ruler-sentence';

const verdictAt = (facts: Facts, outdoorF: number, call: CallId = 'heat-1') => {
  const moment = { ...DEFAULT_MOMENT, outdoorF, call };
  return rulerSentence(facts, jobModel(facts).state(moment), moment);
};

const input = fc
  .record({
    designOutdoorF: fc.integer({ min: -20, max: 30 }),
    designBtuh: fc.integer({ min: 10_000, max: 90_000 }),
    noLoadF: fc.integer({ min: 50, max: 68 }),
    warm: fc.integer({ min: 18_000, max: 60_000 }),
    coldShare: fc.double({ min: 0.4, max: 0.95, noNaN: true }),
    frost: fc.boolean(),
    min: fc.option(fc.integer({ min: -25, max: 25 })),
    banksKW: fc.array(fc.double({ min: 1, max: 10, noNaN: true }), { maxLength: 3 }),
    lockout: fc.option(fc.integer({ min: -10, max: 50 })),
    auxAbove: fc.option(fc.integer({ min: -10, max: 60 })),
  })
  .map(
    ({
      designOutdoorF,
      designBtuh,
      noLoadF,
      warm,
      coldShare,
      frost,
      min,
      banksKW,
      lockout,
      auxAbove,
    }): BalanceInput => ({
      load: { designOutdoorF, designBtuh, noLoadF },
      heatPump: {
        points: [
          { outdoorF: 47, btuh: warm, kW: warm / 11_000 },
          { outdoorF: 17, btuh: warm * coldShare, kW: warm / 12_000 },
        ],
        frost,
        minOutdoorF: min,
      },
      banksKW,
      lockouts: { compressorBelowF: lockout, auxAboveF: auxAbove },
    }),
  );

/** Gaps and shortfalls by brute force, at every hundredth of a degree. */
const looked = (of: BalanceInput, atF: number): 'hole' | 'short' | 'fine' => {
  const { lockouts, heatPump, load } = of;
  const compressor = atF >= (lockouts.compressorBelowF ?? -99) && atF >= (heatPump.minOutdoorF ?? -99);
  const strips = of.banksKW.length > 0 && atF <= (lockouts.auxAboveF ?? 99);
  if (!compressor && !strips) return 'hole';
  const given =
    (compressor ? capacityCurve(heatPump).at(atF) : 0) +
    (strips ? of.banksKW.reduce((sum, kW) => sum + kW * 3412.14, 0) : 0);
  return given < loadCurve(load).at(atF) ? 'short' : 'fine';
};

describe('the balance', () => {
  test('gaps and shortfalls agree with checking every temperature', () => {
    fc.assert(
      fc.property(input, fc.double({ min: 0.001, max: 0.999, noNaN: true }), (of, share) => {
        const { load } = of;
        const atF = load.designOutdoorF + share * (load.noLoadF - load.designOutdoorF);
        const { gapsF, shortfallsF } = balance(of);
        const near = [...gapsF, ...shortfallsF].flat().some((end) => Math.abs(end - atF) < 0.01);
        const within = (spans: readonly (readonly [number, number])[]) =>
          spans.some(([from, to]) => atF > from && atF < to);
        if (!near) expect(within(gapsF) ? 'hole' : within(shortfallsF) ? 'short' : 'fine').toBe(looked(of, atF));
      }),
      { numRuns: 500 },
    );
  });

  test('more capacity never raises the balance point', () => {
    fc.assert(
      fc.property(input, fc.double({ min: 1, max: 2, noNaN: true }), (of, factor) => {
        const stronger = {
          ...of,
          heatPump: {
            ...of.heatPump,
            points: of.heatPump.points.map((point) => ({ ...point, btuh: point.btuh * factor })),
          },
        };
        expect(balance(stronger).thermalBalanceF ?? -31).toBeLessThanOrEqual(
          (balance(of).thermalBalanceF ?? -31) + 1e-9,
        );
      }),
    );
  });

  test('at the balance point the heat pump meets the load, unless its own limit makes the step', () => {
    fc.assert(
      fc.property(input, (of) => {
        const { thermalBalanceF } = balance({ ...of, heatPump: { ...of.heatPump, minOutdoorF: null } });
        if (thermalBalanceF === null) return;
        const free = { ...of.heatPump, minOutdoorF: null };
        expect(capacityCurve(free).at(thermalBalanceF)).toBeCloseTo(loadCurve(of.load).at(thermalBalanceF), 3);
      }),
    );
  });

  test('each bank’s lockout lies no higher than the one before', () => {
    fc.assert(
      fc.property(input, (of) => {
        const gates = balance(of).bankGatesF.map((gate) => gate ?? -31);
        expect([...gates].sort((a, b) => b - a)).toEqual(gates);
      }),
    );
  });

  test('capacity never goes below zero, however cold', () => {
    fc.assert(
      fc.property(input, fc.integer({ min: -100, max: 60 }), (of, atF) =>
        expect(allowedCurve(of, [-100, 70]).at(atF)).toBeGreaterThanOrEqual(0),
      ),
    );
  });
});

describe('a job’s balance', () => {
  const planned = SAMPLES[0]!.facts;

  test('has no lockout without an outdoor temperature', () => {
    const deaf: Facts = { ...planned, thermostat: { ...planned.thermostat, outdoorSensor: 'none' } };
    expect(jobBalance(planned).gapsF).toEqual([[30, 35]]);
    expect(jobBalance(deaf).gapsF).toEqual([]);
    expect(outdoorRuler(deaf).lanes.flatMap(({ markers }) => markers)).toEqual([]);
  });

  test('has a ruler lane for each source, with markers that name their fact', () => {
    const { lanes, marks } = outdoorRuler(planned);
    expect(lanes.map(({ id, openF }) => [id, openF])).toEqual([
      ['compressor', [[35, 70]]],
      ['bank-1', [[-20, 30]]],
    ]);
    expect(lanes.map(({ markers }) => markers.map(({ fact }) => fact))).toEqual([
      ['gates.compressorBelowF'],
      ['gates.auxAboveF'],
    ]);
    expect(marks.map(({ id }) => id)).toEqual(['thermal-balance', 'design', 'no-load']);
  });

  test.each([
    [65, 'calm'],
    [50, 'calm'],
    [33, 'hole'],
    [10, 'strips'],
  ] as const)('at %i °F the ruler is %s', (outdoorF, grade) => expect(verdictAt(planned, outdoorF).grade).toBe(grade));

  test('reports a kit that is too small', () => {
    const facts: Facts = {
      ...assumedFacts(),
      heatKit: { ...assumedFacts().heatKit, elements: [{ kW: 1, bank: 1, onS: 0, offS: 0 }] },
      house: { ...assumedFacts().house, designBtuh: 60_000 },
    };
    expect(verdictAt(facts, 10)).toMatchObject({ grade: 'short' });
  });

  test('loses a tenth to frost at 35 °F, and the COP follows', () => {
    const heatPump = {
      points: [
        { outdoorF: 47, btuh: 36_000, kW: 3 },
        { outdoorF: 17, btuh: 21_000, kW: 2.6 },
      ],
      frost: true,
      minOutdoorF: 0,
    };
    expect(capacityCurve(heatPump).at(35)).toBeCloseTo(27_000, 6);
    expect(copAt(heatPump, 35)).toBeCloseTo(27_000 / (0.985 * 2.84 * 3412.14), 6);
    expect(copAt(heatPump, -1)).toBe(0);
    expect(balanceAt(planned, 70)).toMatchObject({ loadBtuh: 0 });
  });
});
