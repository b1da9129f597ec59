import fc from 'fast-check';
import { stageOf, STAGES } from '../job-list/job-summary';
import { factProblem } from './check-fact';
import {
  ALL_FACTS,
  applyChanges,
  assumedFacts,
  blankJob,
  factAt,
  factValue,
  isFactPath,
  renamed,
  sameValue,
  withFact,
} from './document';
import { PLACES } from './fact';
import { FACT_GROUP_LABELS, FACT_GROUPS } from './facts';
import { copyName, jobName } from './job-name';

describe('the catalog', () => {
  test.each(ALL_FACTS.map(({ path, fact }) => [path, fact] as const))(
    '%s: its assumption is valid, it has a place, and its unit fits its limits',
    (path, fact) => {
      expect(factProblem(path, fact.assumed)).toBeNull();
      expect(Object.keys(PLACES)).toContain(fact.place);
      expect(fact.label.length).toBeGreaterThan(2);
      if (fact.kind === 'number') expect(fact.max).toBeGreaterThan(fact.min);
      if (fact.kind === 'choice')
        expect(new Set(fact.options.map(({ value }) => value)).size).toBe(fact.options.length);
    },
  );

  test('every group has a name on screen, and paths are known', () => {
    expect(Object.keys(FACT_GROUP_LABELS)).toEqual(Object.keys(FACT_GROUPS));
    expect(isFactPath('house.noLoadF')).toBe(true);
    expect(['house', 'house.', 'constructor', 'house.__proto__', ''].some(isFactPath)).toBe(false);
  });

  test('every number fact refuses numbers beyond its limits and values that are not numbers', () => {
    for (const { path, fact } of ALL_FACTS) {
      if (fact.kind !== 'number') continue;
      for (const wrong of [
        fact.min - 1,
        fact.max + 1,
        Number.NaN,
        Number.POSITIVE_INFINITY,
        '5',
        undefined,
        ...(fact.none === undefined ? [null] : []),
      ]) {
        expect([path, wrong, factProblem(path, wrong)]).toEqual([path, wrong, expect.any(String)]);
      }
      if (fact.none !== undefined) expect(factProblem(path, null)).toBeNull();
    }
  });

  test.each([
    ['outdoorUnit.reversingValve', 'X', /one of Cooling/],
    ['thermostat.power', 3, /one of/],
    ['heatKit.hasLinks', 'yes', /true or false/],
    ['site.notes', 'x'.repeat(2001), /at most 2000/],
    ['site.customer', '<script>', /markup/],
    ['heatKit.breakersAmps', [60, 'big'], /number/],
    ['heatKit.breakersAmps', [60, 60, 60, 60, 60, 60, 60], /no more than 6/],
    ['heatKit.elements', [{ kW: 4.8, bank: 1 }], /given/],
    ['heatKit.elements', [{ kW: 4.8, bank: 4, onS: 0, offS: 0 }], /at most 3/],
    [
      'outdoorUnit.ratingPoints',
      [
        { outdoorF: 47, btuh: 3e4, kW: 2, colour: 'red' },
        { outdoorF: 17, btuh: 2e4, kW: 2 },
      ],
      /unknown/,
    ],
  ] as const)('%s refuses %j', (path, value, words) => expect(factProblem(path, value)).toMatch(words));
});

describe('the document', () => {
  test('a change replaces one fact, confirms it and leaves the rest', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ALL_FACTS.map(({ path }) => path)), (path) => {
        const before = blankJob();
        const after = applyChanges(before, [
          { path, value: factAt(path).assumed },
          { path, value: factAt(path).assumed },
        ]);
        expect(after.facts).toEqual(before.facts);
        expect(after.confirmed).toEqual([path]);
        expect(before.confirmed).toEqual([]);
      }),
    );
  });

  test('values are compared by content', () => {
    const facts = assumedFacts();
    expect(sameValue(facts.heatKit.elements, assumedFacts().heatKit.elements)).toBe(true);
    expect(sameValue(factValue(withFact(facts, 'house.noLoadF', 60), 'house.noLoadF'), 60)).toBe(true);
    expect(sameValue([60], [60, 25])).toBe(false);
  });

  test('a job is named by its name, its customer, or nothing', () => {
    const job = blankJob();
    expect(jobName(job.facts)).toBe('Unnamed job');
    expect(jobName(withFact(job.facts, 'site.customer', 'Odalys'))).toBe('Odalys');
    expect(copyName(renamed(job, 'x'.repeat(200)).facts).length).toBeLessThanOrEqual(120);
  });

  test('the stage follows what was done', () => {
    expect(
      [stageOf(null, 0), stageOf(null, 3), stageOf('2026-01-01T00:00:00Z', 0)].map((stage) => STAGES[stage]),
    ).toEqual(['Planning', 'Startup', 'Handed over']);
  });
});
