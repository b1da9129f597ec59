import type { Cause } from '../causes/cause';
import { NOTHING } from '../causes/nothing';
import { bothEffects } from './faulted-system';
import { likelihood, matches } from './outcome';
import type { Evidence } from './posterior';
import { predictedOn, type Table } from './table';

/** Two causes that together give every reading. */
export interface Pair {
  readonly causes: readonly [Cause, Cause];
  /** Log of weight times likelihood, on the scale of single causes. */
  readonly log: number;
}

/** One in this many calls has a second fault. Our judgment. */
const SECOND_ONE_IN = 25;
/** Maximum pairs tested on the bench: the heaviest candidates. */
const MOST_TRIED = 24;

/** For each reading, whether each cause gives it. */
const givenBy = (table: Table, { probe, answer }: Evidence): readonly boolean[] => {
  const { readings, of } = table.row(probe);
  const agree = readings.map((reading) => matches(probe, reading, answer) !== false);
  return table.causes.map((_, at) => agree[of[at]!]!);
};

/** Readings that each cause does not give. */
export const missesOf = (table: Table, evidence: readonly Evidence[]): readonly (readonly Evidence[])[] => {
  const given = evidence.map((each) => givenBy(table, each));
  return table.causes.map((_, at) => evidence.filter((_each, reading) => !given[reading]![at]));
};

/**
 * Finds two causes that together give what no single one does: candidates that complement each other are tested on the
 * bench together.
 * @returns best first; empty if no pair does
 */
export const pairsFor = (table: Table, evidence: readonly Evidence[]): readonly Pair[] => {
  const given = evidence.map((each) => givenBy(table, each));
  const { causes } = table;
  const sumOfWeights = causes.reduce((sum, { weight }) => sum + weight, 0);
  const candidates: { readonly one: number; readonly other: number; readonly weight: number }[] = [];
  for (let one = 0; one < causes.length; one++) {
    if (causes[one]!.id === NOTHING) continue;
    for (let other = one + 1; other < causes.length; other++) {
      if (causes[other]!.id === NOTHING) continue;
      if (!given.every((agree) => agree[one]! || agree[other]!)) continue;
      candidates.push({ one, other, weight: causes[one]!.weight * causes[other]!.weight });
    }
  }
  return candidates
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_TRIED)
    .flatMap(({ one, other, weight }): Pair[] => {
      const both = table.patientWith(bothEffects(causes[one]!.effect, causes[other]!.effect));
      let log = Math.log(weight / sumOfWeights / SECOND_ONE_IN);
      for (const { probe, answer } of evidence) {
        const reading = predictedOn(both, probe);
        if (matches(probe, reading, answer) === false) return [];
        log += Math.log(likelihood(probe, reading, answer));
      }
      return [{ causes: [causes[one]!, causes[other]!], log }];
    })
    .sort((a, b) => b.log - a.log);
};
