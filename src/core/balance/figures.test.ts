import { findingsOf } from '../check';
import { type CallId, DEFAULT_MOMENT } from '../control/moment';
import { assumedFacts, type Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { jobKit } from '../strips/from-job';
import { backupNeeds } from './backup-need';
import { balanceChart } from './chart';
import { balanceAt, balanceInput, jobBalance } from './from-job';
import { copAt, isExtrapolated, powerCurve } from './heat-pump';
import { jobHeatPump } from './job-heat-pump';
import { rulerSentence } from './ruler-sentence';
import { supplyAir } from './supply-air';
import { supplyStates } from './supply-states';
import { jobPlant } from './year/from-job';

const base = assumedFacts();
const change = <G extends keyof Facts>(facts: Facts, group: G, values: Partial<Facts[G]>): Facts => ({
  ...facts,
  [group]: { ...facts[group], ...values },
});
const dual = change(change(base, 'system', { backup: 'furnace' }), 'thermostat', { backupSetting: 'fossil' });
const TWO_POINTS = [
  { outdoorF: 47, btuh: 34_000, kW: 2.85 },
  { outdoorF: 17, btuh: 20_500, kW: 2.5 },
];

describe('strips on a 208 V service', () => {
  const low = change(base, 'heatKit', { serviceVolts: 208 });
  const kW = 9.6 * (208 / 240) ** 2;

  test('two 4.8 kW elements give 7.21 kW everywhere', () => {
    expect(kW).toBeCloseTo(7.21, 2);
    expect(jobKit(low, 208).deliveredKW).toBeCloseTo(kW, 9);
    expect(balanceInput(low).banksKW).toEqual([expect.closeTo(kW, 9)]);
    expect(jobPlant(low).banksKW).toEqual([expect.closeTo(kW, 9)]);
    const strips = supplyStates(low, 20, 68).find(({ id }) => id === 'strips-1')!;
    expect(strips.btuh).toBeCloseTo(kW * 3412.14, 3);
  });

  test('do not meet a need of 8.6 kW at design, and listed kits are compared at 208 V', () => {
    const cold = change(change(low, 'house', { designBtuh: 46_700, designOutdoorF: 10 }), 'airHandler', {
      allowedKitsKW: [9.6, 14.4],
    });
    const need = backupNeeds(cold).find(({ id }) => id === 'design')!;
    expect(need.kW).toBeGreaterThan(8.4);
    expect(need.kW).toBeLessThan(8.8);
    expect(need.isMet).toBe(false);
    expect(need.kitKW).toBe(14.4);
    expect(backupNeeds(change(cold, 'heatKit', { serviceVolts: 240 })).find(({ id }) => id === 'design')!.isMet).toBe(
      true,
    );
  });
});

describe('beyond the rating points', () => {
  const two = change(base, 'outdoorUnit', { ratingPoints: TWO_POINTS });

  test('every figure is marked, and a colder point is asked for', () => {
    expect([balanceAt(two, 16).isDrawnOn, balanceAt(two, 17).isDrawnOn, balanceAt(two, 50).isDrawnOn]).toEqual([
      true,
      false,
      true,
    ]);
    expect(findingsOf(jobModel(two)).map(({ rule }) => rule)).toContain('rating-points-reach');
    expect(findingsOf(jobModel(base)).map(({ rule }) => rule)).not.toContain('rating-points-reach');
    expect(supplyStates(two, 5, 68).map(({ id, isDrawnOn: is }) => [id, is])).toContainEqual(['strips-1', false]);
    expect(supplyStates(two, 5, 68)[0]!.isDrawnOn).toBe(true);
    expect(balanceChart(two).ratedF).toEqual([17, 47]);
  });

  test('an unmeasured COP below 1 never decides', () => {
    // Falling lines that reach a COP of 1 near −8 °F: extrapolated, fuel would win there at these prices.
    const steep = change(
      change(dual, 'outdoorUnit', {
        ratingPoints: [
          { outdoorF: 47, btuh: 34_000, kW: 2.85 },
          { outdoorF: 17, btuh: 16_000, kW: 2.7 },
        ],
      }),
      'prices',
      { electricPerKWh: 0.06, fuelPerUnit: 3.2 },
    );
    const { copEven, economicBalanceF } = jobBalance(steep);
    expect(copEven!).toBeLessThan(1);
    expect(economicBalanceF).toBe('never');
    // Falling lines: at 5 °F they still give heat, farther down none, and no heat is not a COP of 1.
    for (const outdoorF of [-2, 0, 5]) expect(copAt(jobHeatPump(steep), outdoorF)).toBeGreaterThanOrEqual(1 - 1e-9);
    expect(copAt(jobHeatPump(steep), -20)).toBe(0);
    const { trustsPointsOnly: _, ...plain } = jobHeatPump(steep);
    expect(copAt(plain, -5)).toBeLessThan(1);
    // Between its rating points it matches its data.
    for (const outdoorF of [17, 30, 47])
      expect(powerCurve(jobHeatPump(steep)).at(outdoorF)).toBeCloseTo(powerCurve(plain).at(outdoorF), 12);
    expect(isExtrapolated(plain, 10)).toBe(true);
  });
});

describe('a compressor locked out at design', () => {
  test('leaves the whole load to the backup', () => {
    const locked = change(change(base, 'thermostat', { outdoorSensor: 'weather' }), 'gates', { compressorBelowF: 20 });
    const needs = (facts: Facts) => Object.fromEntries(backupNeeds(facts).map(({ id, kW }) => [id, kW]));
    expect(needs(locked).design).toBeCloseTo(needs(locked).emergency!, 9);
    expect(needs(base).design).toBeLessThan(needs(base).emergency!);
  });
});

describe('a changeover below the thermal balance point', () => {
  test('is found, with the higher one offered', () => {
    const facts = change(
      change(change(dual, 'thermostat', { outdoorSensor: 'weather' }), 'house', { designBtuh: 52_000 }),
      'gates',
      { compressorBelowF: 15 },
    );
    const { thermalBalanceF } = jobBalance(facts);
    const found = findingsOf(jobModel(facts)).find(({ rule }) => rule === 'sources-alternate')!;
    expect(thermalBalanceF!).toBeGreaterThan(25);
    expect(found.choices![0]).toMatchObject({
      label: expect.stringMatching(/^Thermal balance point, \d+ °F \(holds the room\)$/),
      changes: [{ path: 'gates.compressorBelowF', value: Math.ceil(thermalBalanceF!) }],
    });
    const higher = change(facts, 'gates', { compressorBelowF: Math.ceil(thermalBalanceF!) });
    expect(findingsOf(jobModel(higher)).some(({ rule }) => rule === 'sources-alternate')).toBe(false);
  });
});

describe('frost', () => {
  test('counts for an inverter too, unless the fact or a rating point says otherwise', () => {
    const inverter = change(base, 'outdoorUnit', { stages: 'inverter', ratingPoints: TWO_POINTS });
    expect(jobHeatPump(inverter).frost).toBe(true);
    expect(jobHeatPump(change(inverter, 'outdoorUnit', { frostDerate: false })).frost).toBe(false);
    const withOwn = [...TWO_POINTS, { outdoorF: 35, btuh: 26_000, kW: 2.6 }];
    expect(jobHeatPump(change(base, 'outdoorUnit', { ratingPoints: withOwn })).frost).toBe(false);
  });
});

describe('a furnace whose second stage nothing turns on', () => {
  test('counts at low fire in balance, year and supply air', () => {
    const twoStage = change(change(dual, 'airHandler', { wInputs: 'W1+W2' }), 'furnace', { outputBtuh: 60_000 });
    const stuck = change(twoStage, 'furnace', { staging: 'wire', lowFireBtuh: 42_000 });
    expect([balanceInput(twoStage).fuel!.outputBtuh, balanceInput(stuck).fuel!.outputBtuh]).toEqual([60_000, 42_000]);
    const air = (facts: Facts) => {
      const moment = { ...DEFAULT_MOMENT, call: 'emergency' as const };
      const supply = supplyAir(facts, jobModel(facts).state(moment), moment);
      return supply.kind === 'heat' ? supply.supplyF - 68 : NaN;
    };
    expect(air(stuck) / air(twoStage)).toBeCloseTo(0.7, 9);
    const called = change(stuck, 'thermostat', { heatTerminals: 'AUX1+AUX2+E' });
    expect(balanceInput(called).fuel!.outputBtuh).toBe(60_000);
  });
});

describe('airflow by stage', () => {
  const LOW = [
    { outdoorF: 47, btuh: 24_000, kW: 1.8 },
    { outdoorF: 17, btuh: 15_000, kW: 1.6 },
  ];
  const at = (facts: Facts, call: CallId, outdoorF: number) => {
    const moment = { ...DEFAULT_MOMENT, call, outdoorF };
    const supply = supplyAir(facts, jobModel(facts).state(moment), moment);
    return supply.kind === 'heat' ? supply.supplyF : NaN;
  };

  test('two stages: Y1 alone uses the low-stage airflow', () => {
    const two = change(change(base, 'outdoorUnit', { stages: 'two', lowPoints: LOW }), 'thermostat', {
      compressorOutputs: 2,
    });
    expect(at(two, 'heat-1', 17) - 68).toBeCloseTo(((at(two, 'heat-2', 17) - 68) * 15_000) / 20_500, 6);
  });

  test('an inverter gives what the house needs, within its capacity', () => {
    const inverter = change(base, 'outdoorUnit', { stages: 'inverter', lowPoints: LOW, frostDerate: false });
    const mild = balanceAt(inverter, 40).loadBtuh;
    expect(mild).toBeLessThan(24_000 - (7 * 9000) / 30);
    // Below minimum speed it cycles.
    expect(at(inverter, 'heat-1', 40) - 68).toBeGreaterThan(0);
    expect(at(inverter, 'heat-1', 10)).toBeLessThan(at(inverter, 'heat-1', 30));
  });
});

describe('the ruler answers the current call', () => {
  const say = (facts: Facts, call: CallId, outdoorF: number) => {
    const moment = { ...DEFAULT_MOMENT, call, outdoorF };
    return rulerSentence(facts, jobModel(facts).state(moment), moment);
  };
  const cold = change(base, 'house', { designBtuh: 38_000, designOutdoorF: 12, noLoadF: 62 });

  test.each<[CallId, number, RegExp, string]>([
    ['off', 12, /^Off: nothing is called; the house loses 38 kBtu\/h\.$/, 'calm'],
    ['fan', 12, /^Fan: blower only; the house loses 38 kBtu/, 'calm'],
    ['heat-1', 40, /^Heat: heat pump alone, [\d.]+ kBtu\/h; house needs/, 'calm'],
    [
      'heat-1',
      12,
      /^Heat: heat pump alone gives 18\.3 of the 38 kBtu\/h needed\. Strips make up the rest\.$/,
      'strips',
    ],
    ['heat-aux', 12, /^Heat with auxiliary: heat pump and strips, 51 kBtu\/h; house needs 38/, 'strips'],
    ['emergency', 12, /^Emergency heat: strips alone give 32\.8 of the 38 kBtu\/h needed; 5\.2 short\.$/, 'short'],
    ['cool-1', 12, /^Cool: the compressor cools the house\.$/, 'calm'],
    [
      'defrost',
      30,
      /^Defrost: the defrost takes about [\d.]+ kBtu\/h out of the house for a few minutes; strips give 32\.8/,
      'strips',
    ],
    ['defrost', 55, /^Defrost: The board will not defrost/, 'calm'],
  ])('%s at %i °F', (call, outdoorF, words, grade) =>
    expect(say(cold, call, outdoorF)).toMatchObject({ grade, text: expect.stringMatching(words) }),
  );

  test('a reversing valve set backward cools in a heat call, and the ruler does not claim heat', () => {
    const wrong = change(cold, 'thermostat', { valveSetting: 'B' });
    expect(say(wrong, 'heat-1', 30)).toMatchObject({ grade: 'hole' });
    expect(say(wrong, 'cool-1', 70).text).toMatch(/the house is being heated/);
  });
});
