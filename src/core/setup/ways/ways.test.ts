import fc from 'fast-check';
import { jobBalance } from '../../balance/from-job';
import { climateById } from '../../balance/year/climates';
import { binned } from '../../balance/year/temperatures';
import { factProblem } from '../../job/check-fact';
import { assumedFacts, type FactPath, type Facts, withFact } from '../../job/document';
import { SAMPLES } from '../../samples';
import { resolveSettings } from '../resolve';
import { changesToUsePlan, factsUnder } from './apply';
import { comparePlans, whatMakesDifference } from './compare';
import { FIXED_BOUNDS_F, jobPlans, type LockoutPlan, planFromRow, planToRow, presetPlans } from './way';

const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const FURNACE = ['system.backup', 'furnace'] as const;
const temperatures = binned(climateById('sorrel-basin').hoursF());
const within = ([min, max]: readonly [number, number]) => fc.integer({ min, max });
const anyWay: fc.Arbitrary<LockoutPlan> = fc.record({
  name: fc.constant('tried'),
  compressorBelow: fc.oneof(fc.constantFrom('none', 'economic', 'thermal'), within(FIXED_BOUNDS_F.compressorBelow)),
  auxAbove: fc.oneof(fc.constantFrom('none', 'balance'), within(FIXED_BOUNDS_F.auxAbove)),
  backup: fc.constantFrom('helps', 'emergency-only'),
  tempering: fc.constantFrom('on', 'off'),
}) as fc.Arbitrary<LockoutPlan>;
const anyJob = fc.constantFrom(...SAMPLES.map(({ facts: of }) => of), facts(FURNACE), facts());

test('a plan survives saving; what cannot be read is not a lockout', () => {
  fc.assert(fc.property(anyWay, (way) => expect(planFromRow(planToRow(way))).toEqual(way)));
  expect(planFromRow({ name: 'odd', compressorBelow: 'warm', auxAbove: '900', backup: '?', tempering: '' })).toEqual({
    name: 'odd',
    compressorBelow: 'none',
    auxAbove: 'none',
    backup: 'helps',
    tempering: 'on',
  });
});

test('two to six plans ship for each kind of backup, and a job may have its own', () => {
  for (const each of [facts(), facts(FURNACE)]) expect(presetPlans(each).length).toBeGreaterThan(1);
  const own = [{ name: 'mine', compressorBelow: '20', auxAbove: 'none', backup: 'helps', tempering: 'on' }];
  expect(jobPlans(facts(['year.ways', own]))).toEqual([planFromRow(own[0]!)]);
});

test('every shipped plan can be saved with a job', () => {
  for (const jobFacts of [facts(), facts(FURNACE)])
    expect(factProblem('year.ways', presetPlans(jobFacts).map(planToRow))).toBeNull();
});

describe('applied in Setup', () => {
  test('every change is valid for its fact, and the job ends up as planned', () =>
    fc.assert(
      fc.property(anyJob, anyWay, (of, way) => {
        const changes = changesToUsePlan(of, way);
        for (const { path, value } of changes) expect([path, factProblem(path, value)]).toEqual([path, null]);
        const taken = changes.reduce((before, { path, value }) => withFact(before, path, value), of);
        expect(taken).toEqual(factsUnder(of, way));
        expect(changesToUsePlan(taken, way)).toEqual([]);
      }),
    ));

  test('Setup calculates the same lockouts from the practice options applied', () =>
    fc.assert(
      fc.property(anyJob, anyWay, (of, way) => {
        const taken = factsUnder(of, way);
        const settings = resolveSettings({ facts: taken, confirmed: new Set() });
        for (const [id, value] of [
          ['compressor-lockout', taken.gates.compressorBelowF],
          ['aux-lockout', taken.gates.auxAboveF],
        ] as const) {
          const setting = settings.get(id)!;
          if (setting.absent === null) expect([id, setting.worked]).toEqual([id, value]);
          else expect(value).toBeNull();
        }
      }),
    ));

  test('a lockout brings the sensor it needs; no lockout asks for none', () => {
    const way = (compressorBelow: LockoutPlan['compressorBelow']): LockoutPlan => ({
      ...presetPlans(facts())[0]!,
      compressorBelow,
    });
    const blind = facts(['thermostat.outdoorSensor', 'none']);
    expect(changesToUsePlan(blind, way(30))).toContainEqual({
      path: 'thermostat.outdoorSensor',
      value: expect.stringMatching(/^wire/),
    });
    expect(changesToUsePlan(blind, way('none')).map(({ path }) => path)).not.toContain('thermostat.outdoorSensor');
  });

  test('no plan opens a gap between the two lockouts', () =>
    fc.assert(
      fc.property(anyJob, anyWay, (of, way) => {
        const taken = factsUnder(of, way);
        const { compressorBelowF, auxAboveF } = taken.gates;
        if (compressorBelowF !== null && auxAboveF !== null) expect(auxAboveF).toBeGreaterThanOrEqual(compressorBelowF);
        if (of.gates.outdoorThermostats.length === 0 && of.outdoorUnit.minOutdoorF === null)
          expect(jobBalance(taken).gapsF).toEqual([]);
      }),
    ));
});

describe('compared', () => {
  const strips = facts(['prices.electricPerKWh', 0.14]);

  test('the job as set now comes first, then each plan with its lockouts and its year', () => {
    const compared = comparePlans(SAMPLES[1]!.facts, jobPlans(SAMPLES[1]!.facts), temperatures);
    expect(compared.map(({ name }) => name)).toEqual([
      'As set now',
      ...presetPlans(SAMPLES[1]!.facts).map(({ name }) => name),
    ]);
    expect(compared.find(({ name }) => name.includes('35'))).toMatchObject({ compressorBelowF: 35, auxAboveF: null });
  });

  test('locking the compressor out above its limit costs more with strips, and the difference says where', () => {
    const ways = [
      presetPlans(strips)[0]!,
      { ...presetPlans(strips)[0]!, name: 'Locked out at 35', compressorBelow: 35 } as LockoutPlan,
    ];
    const big = withFact(strips, 'heatKit.elements', [
      { kW: 10, bank: 1, onS: 20, offS: 20 },
      { kW: 10, bank: 1, onS: 40, offS: 20 },
    ]);
    const [, limit, locked] = comparePlans(big, ways, temperatures);
    expect(locked!.year.cost).toBeGreaterThan(limit!.year.cost + 100);
    const said = whatMakesDifference([limit!, locked!], null);
    expect(said[0]).toMatch(
      /“Locked out at 35” costs \$[\d,]+ a year more than .*more kWh for strips.*fewer kWh for the compressor/,
    );
    expect(said[1]).toMatch(/between \S+ and 35 °F out/);
  });

  test('on dual fuel, the economic balance point never costs more than other plans that keep the house warm', () => {
    const of = SAMPLES[3]!.facts;
    const compared = comparePlans(of, presetPlans(of), temperatures);
    const economic = compared.find(({ name }) => name === 'Where the furnace is cheaper')!;
    for (const { year } of compared.filter(({ year: each }) => each.shortHours === 0))
      expect(economic.year.cost).toBeLessThanOrEqual(year.cost + 25);
  });

  test('on dual fuel, the difference gives the fuel in its unit', () => {
    const of = SAMPLES[3]!.facts;
    expect(whatMakesDifference(comparePlans(of, presetPlans(of), temperatures), 'gallon')[0]).toMatch(
      /\d+ more gallons of fuel/,
    );
  });

  test('a plan that leaves the house short is not called cheap', () => {
    const small = withFact(strips, 'house.designBtuh', 60_000);
    const compared = comparePlans(small, presetPlans(small), temperatures);
    expect(whatMakesDifference(compared, null).at(-1)).toMatch(
      /Cost not compared for .*“Strips in emergency only”.*heat it does not deliver is not paid for/,
    );
  });

  test('plans with equal cost are reported as equal', () => {
    const [first] = presetPlans(strips);
    expect(whatMakesDifference(comparePlans(strips, [first!, first!], temperatures).slice(1), null)).toEqual([
      expect.stringMatching(/cost the same/),
    ]);
  });
});
