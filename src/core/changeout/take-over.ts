import type { FactChange, Facts } from '../job/document';
import { factAt } from '../job/document';
import type { NumberFact } from '../job/fact';
import { oldWiringOverVolts } from '../safety/old-wiring-volts';
import { identifiedOldWiring } from './understood';

/**
 * Facts that a job takes from its old wiring: conductor count, colors, and use of each. Empty if no wiring is recorded
 * or the count is out of range.
 */
export const withKeptFacts = (facts: Facts): readonly FactChange[] => {
  if (oldWiringOverVolts(facts).length > 0) return [];
  const all = identifiedOldWiring(facts) ?? [];
  const { min, max } = factAt('cables.thermostatConductors') as NumberFact;
  if (all.length < min || all.length > max) return [];
  return [
    { path: 'cables.thermostatConductors', value: all.length },
    {
      path: 'cables.thermostatColours',
      value: all.map(({ row: { colour }, does }) => ({ colour, does: does ?? '' })),
    },
  ];
};
