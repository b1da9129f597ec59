import { ALL_FACTS, type FactGroup, type Facts, withFact } from '../job/document';
import type { ControllerProfile } from '../setup/profiles/profile';
import { OWN_HOUSE } from './chosen';
import type { Round } from './round';

/** Fact groups about people, old findings, or answers: not part of the house. */
const NOT_THE_HOUSE: ReadonlySet<FactGroup> = new Set(['wiring', 'changeout', 'talk']);

/** A job’s house and system without people: all written text removed, wiring as planned. */
export const withoutNames = (facts: Facts): Facts =>
  ALL_FACTS.filter(({ group, fact }) => fact.kind === 'text' || NOT_THE_HOUSE.has(group)).reduce(
    (copy, { path, fact }) => withFact(copy, path, fact.assumed),
    facts,
  );

/** One of a crew’s own houses: its facts, and its thermostat profile if that is the crew’s own too. */
export interface HouseOfCrew {
  readonly facts: Facts;
  readonly thermostat: ControllerProfile | null;
}

/** A crew’s own job as a house for endless rounds, at its design temperature and 15 °F above. */
export const ownHouse = ({ facts, thermostat }: HouseOfCrew): Round => ({
  id: OWN_HOUSE,
  title: 'A house like this job',
  facts: withoutNames(facts),
  causes: ['nothing'],
  outdoorF: Math.min(50, facts.house.designOutdoorF + 15),
  looksFirst: [],
  teaches: '',
  thermostat: thermostat ?? undefined,
});
