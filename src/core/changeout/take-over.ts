import type { FactChange, Facts } from '../job/document';
import { factAt } from '../job/document';
import type { NumberFact } from '../job/fact';
import { oldWiringOverVolts } from '../stop-work/old-wiring-volts';
import { identifiedOldWiring } from './understood';

/**
 * What a job takes over from its old wall: how many conductors the cable has, in which colors, and what each is kept
 * for. Nothing where no wall is written down, or it has more conductors or fewer than a cable can have.
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
