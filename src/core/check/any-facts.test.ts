import fc from 'fast-check';
import { runs } from '../../../tests/runs';
import { backupNeeds, bankStages } from '../balance/backup-need';
import { balanceChart } from '../balance/chart';
import { weighEvidence } from '../balance/evidence';
import { outdoorRuler } from '../balance/outdoor-ruler';
import { priceTable } from '../balance/price-table';
import { rulerSentence } from '../balance/ruler-sentence';
import { supplyAir } from '../balance/supply-air';
import { supplyStates } from '../balance/supply-states';
import { atMoment } from '../balance/year/at-moment';
import { climateById } from '../balance/year/climates';
import { binned } from '../balance/year/temperatures';
import { DEFAULT_MOMENT, type Moment, OUTDOOR_BOUNDS_F } from '../control/moment';
import { homeownerPage } from '../handover/homeowner';
import { factProblem } from '../job/check-fact';
import { ALL_FACTS, assumedFacts, factAt, type FactPath, type Facts, withFact } from '../job/document';
import { findingKey } from '../job/finding';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { answerEffects, questionsOf } from '../setup/answers';
import { cardOf } from '../setup/card/card';
import { SHIPPED_PROFILES } from '../setup/profiles';
import { resolveSettings } from '../setup/resolve';
import { comparePlans, whatMakesDifference } from '../setup/ways/compare';
import { jobPlans } from '../setup/ways/way';
import {} from '../startup/plan';
import { startupOf } from '../startup/startup-of';
import { findingsOf as findingsOfModel } from '.';
import { checkEquipment } from './equipment';
import { balancePageFindings } from './on-balance';
import { setupPageFindings } from './on-setup';
import { findingsFor } from './pages';

const number = (min: number, max: number, step: number) =>
  fc
    .integer({ min: 0, max: Math.floor((max - min) / step + 1e-9) })
    .map((steps) => Math.min(max, Math.round((min + steps * step) * 1000) / 1000));

/** Any value of a fact that its schema accepts. */
const anyValue = (path: FactPath): fc.Arbitrary<unknown> => {
  const fact = factAt(path);
  switch (fact.kind) {
    case 'number':
      return fact.none === undefined
        ? number(fact.min, fact.max, fact.step)
        : fc.option(number(fact.min, fact.max, fact.step));
    case 'choice':
      return fc.constantFrom(...fact.options.map(({ value }) => value));
    case 'flag':
      return fc.boolean();
    case 'text':
      return fc.constantFrom('', 'x', 'A longer text with – odd ’signs’');
    case 'numbers':
      return fc.array(number(fact.min, fact.max, fact.step), { minLength: fact.least, maxLength: fact.most });
    case 'table': {
      const row = fc.record(
        Object.fromEntries(
          Object.entries(fact.columns).map(([name, column]) => [name, number(column.min, column.max, column.step)]),
        ),
      );
      return fc.uniqueArray(row, {
        minLength: fact.least,
        maxLength: fact.most,
        ...(fact.distinct === undefined
          ? { comparator: () => false }
          : { selector: (each: Record<string, unknown>) => each[fact.distinct!] }),
      });
    }
    case 'records':
      return fc.constant(fact.assumed);
  }
};

/** A job with arbitrary valid facts. */
const anyFacts = fc
  .tuple(
    fc.constantFrom(assumedFacts(), ...SAMPLES.map(({ facts }) => facts)),
    fc.array(
      fc
        .constantFrom(...ALL_FACTS.map(({ path }) => path))
        .chain((path) => anyValue(path).map((value) => ({ path, value }))),
      { maxLength: 25 },
    ),
  )
  .map(([facts, changes]): Facts => changes.reduce((before, { path, value }) => withFact(before, path, value), facts));

const temperatures = binned(climateById('thistle-plain').hoursF());
const CALLS: readonly Moment['call'][] = ['off', 'heat-1', 'heat-aux', 'emergency', 'cool-1', 'defrost'];

/** Every number in an answer with its path; functions and text are skipped. */
const numbersIn = (value: unknown, at = ''): [string, number][] => {
  if (typeof value === 'number') return [[at, value]];
  if (value instanceof Map) return [...value].flatMap(([key, each]) => numbersIn(each, `${at}.${String(key)}`));
  if (Array.isArray(value)) return value.flatMap((each, index) => numbersIn(each, `${at}[${index}]`));
  return typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([key, each]) => numbersIn(each, `${at}.${key}`))
    : [];
};
const broken = (value: unknown) => numbersIn(value).filter(([, each]) => !Number.isFinite(each));

test('no two findings share a key: waiving one hides no other', () =>
  fc.assert(
    fc.property(anyFacts, (facts) => {
      const keys = findingsOfModel(jobModel(facts)).map(findingKey);
      expect(keys.filter((key, at) => keys.indexOf(key) !== at)).toEqual([]);
    }),
    { numRuns: runs(50) },
  ));

test('a page that runs only its own rules finds what the full check finds for it', () =>
  fc.assert(
    fc.property(anyFacts, (facts) => {
      const model = jobModel(facts);
      const all = findingsOfModel(model).map(({ under: _, ...finding }) => finding);
      expect(balancePageFindings(model)).toEqual(findingsFor('balance', all));
      const settings = resolveSettings({ facts, confirmed: new Set() });
      expect(setupPageFindings(model, settings)).toEqual(findingsFor('setup', all));
    }),
    { numRuns: runs(50) },
  ));

test('facts that do not affect wiring leave shared wires as they would be planned', () =>
  fc.assert(
    fc.property(anyFacts, anyFacts, fc.integer({ min: -10, max: 60 }), (drawn, others, lockedF) => {
      const facts = structuredClone(drawn);
      const { site, house, load, prices, year, talk, service, proof } = others;
      const { gates } = facts;
      const moved = (at: number | null) => (at === null ? null : lockedF);
      const now: Facts = {
        ...facts,
        ...{ site, house, load, prices, year, talk, service, proof },
        gates: { ...gates, compressorBelowF: moved(gates.compressorBelowF), auxAboveF: moved(gates.auxAboveF) },
      };
      const before = jobModel(facts);
      const said = checkEquipment(before).filter(({ page }) => page === 'wiring');
      const shared = jobModel(now);
      // Deep copies, so that nothing is shared.
      const afresh = jobModel(structuredClone(now));
      expect(shared.wires).toBe(before.wires);
      expect(afresh.wires).not.toBe(before.wires);
      expect(afresh.harness).toEqual(shared.harness);
      expect(afresh.planned).toEqual(shared.planned);
      expect(afresh.refused).toEqual(shared.refused);
      expect(afresh.supply).toEqual(shared.supply);
      expect(checkEquipment(afresh)).toEqual(checkEquipment(shared));
      expect(said.length).toBe(checkEquipment(shared).filter(({ page }) => page === 'wiring').length);
      const moment = { ...DEFAULT_MOMENT, call: 'heat-aux' as const };
      expect(shared.state(moment).volts).toEqual(afresh.state(moment).volts);
      expect(shared.state(moment).signals).toEqual(afresh.state(moment).signals);
    }),
    { numRuns: runs(40) },
  ));

test('the values tried are ones that the fields accept', () =>
  fc.assert(
    fc.property(
      fc
        .constantFrom(...ALL_FACTS.map(({ path }) => path))
        .chain((path) => anyValue(path).map((value) => ({ path, value }))),
      ({ path, value }) => expect([path, factProblem(path, value)]).toEqual([path, null]),
    ),
    { numRuns: runs(300) },
  ));

const verdict = (facts: Facts, moment: typeof DEFAULT_MOMENT) =>
  rulerSentence(facts, jobModel(facts).state(moment), moment);
const findingsOf = (facts: Facts) => findingsOfModel(jobModel(facts));

describe('with any facts, every page answers, and with numbers', () => {
  test.each<[string, (facts: Facts, outdoorF: number) => unknown]>([
    [
      'ruler',
      (facts, outdoorF) => [
        outdoorRuler(facts),
        CALLS.map((call) => verdict(facts, { ...DEFAULT_MOMENT, outdoorF, call })),
      ],
    ],
    ['crossing chart', (facts) => balanceChart(facts)],
    ['figures at the needle', (facts, outdoorF) => atMoment(facts, outdoorF)],
    ['load', (facts) => weighEvidence(facts).map(({ estimate, trust }) => [estimate, trust])],
    ['backup', (facts) => [backupNeeds(facts), bankStages(facts)]],
    ['prices', (facts) => priceTable(facts)],
    [
      'air at the register',
      (facts, outdoorF) => [
        supplyStates(facts, outdoorF, 68),
        CALLS.map((call) =>
          supplyAir(facts, jobModel(facts).state({ ...DEFAULT_MOMENT, outdoorF, call }), {
            ...DEFAULT_MOMENT,
            outdoorF,
            call,
          }),
        ),
      ],
    ],
    ['a year of every way', (facts) => comparePlans(facts, jobPlans(facts), temperatures).map(({ year }) => year)],
    [
      'settings',
      (facts) =>
        [...resolveSettings({ facts, confirmed: new Set() }).values()].map(({ value, worked }) => [value, worked]),
    ],
    ['findings', (facts) => findingsOf(facts).map(({ severity, what }) => [severity, what])],
    ['startup', (facts, outdoorF) => startupOf(jobModel(facts), [], { ...DEFAULT_MOMENT, outdoorF })],
  ])('%s', (_, answer) =>
    fc.assert(
      fc.property(anyFacts, fc.integer({ min: OUTDOOR_BOUNDS_F[0], max: OUTDOOR_BOUNDS_F[1] }), (facts, outdoorF) =>
        expect(broken(answer(facts, outdoorF))).toEqual([]),
      ),
      { numRuns: runs(40) },
    ),
  );

  test('no energy, cost, time or shortfall is negative, and no heat comes from nothing', () =>
    fc.assert(
      fc.property(anyFacts, (facts) => {
        for (const { name, year } of comparePlans(facts, jobPlans(facts), temperatures)) {
          const {
            compressorKWh,
            stripsKWh,
            fuelUnits,
            cost,
            shortBtu,
            starts,
            loadBtu,
            compressorBtu,
            stripsBtu,
            fossilBtu,
          } = year;
          for (const amount of [compressorKWh, stripsKWh, fuelUnits, cost, shortBtu, starts])
            expect([name, amount < -1e-6]).toEqual([name, false]);
          expect(Math.abs(compressorBtu + stripsBtu + fossilBtu + shortBtu - loadBtu)).toBeLessThanOrEqual(
            1e-6 * Math.max(1, loadBtu),
          );
        }
      }),
      { numRuns: runs(40) },
    ));

  test('cards of every controller, the talk, lockout plans and the homeowner’s page', () =>
    fc.assert(
      fc.property(anyFacts, (facts) => {
        const job = { facts, confirmed: new Set<FactPath>() };
        const settings = resolveSettings(job);
        for (const profile of SHIPPED_PROFILES) expect(cardOf(profile, settings).screens.length).toBeGreaterThan(0);
        for (const path of questionsOf(job))
          expect(answerEffects(job, path).some(({ isCurrent }) => isCurrent)).toBe(true);
        expect(whatMakesDifference(comparePlans(facts, jobPlans(facts), temperatures), null).length).toBeGreaterThan(0);
        expect(JSON.stringify(homeownerPage(facts))).not.toMatch(/NaN|Infinity|undefined/);
      }),
      { numRuns: runs(15) },
    ));
});
