import { type Facts, factValue, isFactPath } from './document';
import type { NumberFact } from './fact';

/** The unit of a number on a job: some follow another fact, such as a fuel price. */
export const unitOfFact = (facts: Facts, { unit, unitBy }: NumberFact): string =>
  unitBy && isFactPath(unitBy.path) ? (unitBy.units[String(factValue(facts, unitBy.path))] ?? unit) : unit;
