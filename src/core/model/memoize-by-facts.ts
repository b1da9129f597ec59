import { NO_FAULTS, type Scenario, scenarioCode } from '../control/scenario';
import type { Facts } from '../job/document';

/**
 * Keeps what is made of facts and scenario as long as the facts live: asked again with the very same object, it gives
 * the very same answer.
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
