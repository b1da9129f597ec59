import fc from 'fast-check';
import { findingsOf } from '../check';
import { assumedFacts, type Facts, withFact } from '../job/document';
import { jobModel } from '../model/job-model';
import { changeoverChoices, isEconomicExtrapolated } from './changeover-choices';
import { jobBalance } from './from-job';

const facts = (changes: readonly (readonly [Parameters<typeof withFact>[1], unknown])[]): Facts =>
  changes.reduce((all, [path, value]) => withFact(all, path, value), assumedFacts());

const dualFuel = (changeoverF: number, electric: number, fuel: number, designBtuh: number): Facts =>
  facts([
    ['system.backup', 'furnace'],
    ['thermostat.backupSetting', 'fossil'],
    ['thermostat.outdoorSensor', 'wired'],
    ['gates.compressorBelowF', changeoverF],
    ['prices.electricPerKWh', electric],
    ['prices.fuelPerUnit', fuel],
    ['house.designBtuh', designBtuh],
  ]);

const RULES: readonly string[] = ['sources-alternate', 'changeover-off-the-balance'];
const about = (all: Facts) => findingsOf(jobModel(all)).filter(({ rule }) => RULES.includes(rule));

const job = fc.tuple(
  fc.integer({ min: -20, max: 60 }),
  fc.double({ min: 0.08, max: 0.4, noNaN: true }),
  fc.double({ min: 0.5, max: 4, noNaN: true }),
  fc.integer({ min: 25_000, max: 70_000 }),
);

describe('changeover on dual fuel', () => {
  test('has one finding, never two that undo each other', () => {
    fc.assert(
      fc.property(job, ([changeoverF, electric, fuel, designBtuh]) => {
        const found = about(dualFuel(changeoverF, electric, fuel, designBtuh));
        expect(found.length).toBeLessThanOrEqual(1);
        expect(found.every(({ fixBy }) => fixBy === undefined)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  test('offers no point beyond the rating points, and none that is already set', () => {
    fc.assert(
      fc.property(job, ([changeoverF, electric, fuel, designBtuh]) => {
        const all = dualFuel(changeoverF, electric, fuel, designBtuh);
        const choices = changeoverChoices(all);
        if (isEconomicExtrapolated(all)) expect(choices.some(({ label }) => label.startsWith('Economic'))).toBe(false);
        for (const { changes } of choices) expect(changes[0]!.value).not.toBe(changeoverF);
      }),
      { numRuns: 60 },
    );
  });

  test('the two choices are the two balance points, each with its cost', () => {
    const all = dualFuel(5, 0.16, 3, 52_000);
    const { thermalBalanceF, economicBalanceF } = jobBalance(all);
    const [thermal, economic] = changeoverChoices(all);
    expect(thermal!.changes).toEqual([{ path: 'gates.compressorBelowF', value: Math.ceil(thermalBalanceF!) }]);
    expect(thermal!.cost).toMatch(/^At \d+ °F a million Btu costs \$\d+\.\d\d by heat pump, \$\d+\.\d\d by furnace\.$/);
    if (typeof economicBalanceF === 'number' && !isEconomicExtrapolated(all))
      expect(economic!.label).toMatch(/cheapest/);
    else expect(economic).toBeUndefined();
  });
});
