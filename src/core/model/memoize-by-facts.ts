import { NO_FAULTS, type Scenario, scenarioCode } from '../control/scenario';
import type { Facts } from '../job/document';

/**
 * Memoizes by facts and scenario for as long as the facts object lives: the same object gives the same answer
 * object.
 */
export const memoizeByFacts = <T>(
  make: (facts: Facts, scenario: Scenario) => T,
): ((facts: Facts, scenario?: Scenario) => T) => {
  const all = new WeakMap<Facts, Map<string, T>>();
  return (facts, scenario = NO_FAULTS) => {
    const known = all.get(facts) ?? new Map<string, T>();
    all.set(facts, known);
    const code = scenarioCode(scenario);
    const made = known.get(code) ?? make(facts, scenario);
    known.set(code, made);
    return made;
  };
};
