import { factApplies } from './applies';
import { ALL_FACTS, assumedFacts, type Facts, isFactPath } from './document';
import { kitRows } from './kit-rows';

const base = assumedFacts();
const dual: Facts = { ...base, system: { ...base.system, backup: 'furnace' } };

test('what a fact depends on is a fact with those answers', () => {
  for (const { fact } of ALL_FACTS) {
    if (!fact.onlyWhen) continue;
    const { path, is } = fact.onlyWhen;
    expect(isFactPath(path)).toBe(true);
    const other = ALL_FACTS.find((each) => each.path === path)!.fact;
    if (other.kind === 'choice')
      for (const value of is) expect(other.options.map((option) => option.value)).toContain(value);
  }
});

test('furnace facts are asked for with a furnace, those of its parts if they are fitted', () => {
  expect(factApplies(base, 'furnace.fuel')).toBe(false);
  expect(factApplies(dual, 'furnace.fuel')).toBe(true);
  expect(factApplies(dual, 'furnace.lowGasSwitch')).toBe(false);
  expect(factApplies({ ...dual, furnace: { ...dual.furnace, fuel: 'propane' } }, 'furnace.lowGasSwitch')).toBe(true);
  expect(factApplies(dual, 'gates.outdoorThermostats')).toBe(false);
  expect(factApplies(base, 'house.noLoadF')).toBe(true);
});

test('with a furnace, the electric kit does not count', () => {
  expect(kitRows(base)).toBe(base.heatKit.elements);
  expect(kitRows(dual)).toEqual([]);
});
