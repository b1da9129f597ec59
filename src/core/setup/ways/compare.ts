import { jobBalance } from '../../balance/from-job';
import { jobPlant, jobTariff } from '../../balance/year/from-job';
import type { Temperatures } from '../../balance/year/temperatures';
import { yearOf } from '../../balance/year/year';
import type { Year } from '../../balance/year/year-sums';
import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import { changesBetween, factsUnder } from './apply';
import type { LockoutPlan } from './way';

/** A plan with its lockouts on a job, and its year. */
export interface ComparedPlan {
  readonly name: string;
  /** Null: the job's present settings. */
  readonly way: LockoutPlan | null;
  readonly compressorBelowF: number | null;
  readonly auxAboveF: number | null;
  readonly year: Year;
  /** Whether the job already has it. */
  readonly isTaken: boolean;
}

/** The job's year with its present settings. */
export const asSetNow = (facts: Facts, temperatures: Temperatures): ComparedPlan => ({
  name: 'As set now',
  way: null,
  ...lockoutsInForce(facts),
  year: yearOf(jobPlant(facts), jobTariff(facts), temperatures),
  isTaken: true,
});

/** A job's year under one plan. */
export const comparePlan = (
  facts: Facts,
  way: LockoutPlan,
  temperatures: Temperatures,
  crossing = jobBalance(facts),
): ComparedPlan => {
  const under = factsUnder(facts, way, crossing);
  return {
    name: way.name,
    way,
    ...lockoutsInForce(under),
    year: yearOf(jobPlant(under), jobTariff(under), temperatures),
    isTaken: changesBetween(facts, under).length === 0,
  };
};

/** A job's year with its present settings and under each plan. */
export const comparePlans = (
  facts: Facts,
  ways: readonly LockoutPlan[],
  temperatures: Temperatures,
): ComparedPlan[] => {
  const crossing = jobBalance(facts);
  return [asSetNow(facts, temperatures), ...ways.map((way) => comparePlan(facts, way, temperatures, crossing))];
};

/** Years with a smaller cost difference count as equal, $. */
const ALIKE = 5;
/** Share of a difference that a range must hold to be named as its cause. */
const MOST_OF_IT = 0.8;

/** The narrowest range of bins with most of the cost difference of two years. */
const whereTheyDiffer = (one: Year, other: Year): readonly [number, number] | null => {
  const costs = new Map(other.bins.map((bin) => [bin.fromF, bin.cost]));
  const by = one.bins.map((bin) => ({ ...bin, by: Math.abs(bin.cost - (costs.get(bin.fromF) ?? 0)) }));
  const total = by.reduce((sum, bin) => sum + bin.by, 0);
  if (total === 0) return null;
  let best: readonly [number, number] | null = null;
  for (let from = 0; from < by.length; from++) {
    let held = 0;
    for (let to = from; to < by.length; to++) {
      held += by[to]!.by;
      if (held < MOST_OF_IT * total) continue;
      const span = [by[from]!.fromF, by[to]!.toF] as const;
      if (best === null || span[1] - span[0] < best[1] - best[0]) best = span;
      break;
    }
  }
  return best;
};

/**
 * What the difference between the cheapest and the most expensive plan depends on, as sentences.
 * @param fuelUnit unit of the furnace's fuel; null without a furnace
 */
export const whatMakesDifference = (compared: readonly ComparedPlan[], fuelUnit: string | null): string[] => {
  const fair = compared.filter(
    ({ year }) => year.shortHours === Math.min(...compared.map((each) => each.year.shortHours)),
  );
  const sorted = [...fair].sort((a, b) => a.year.cost - b.year.cost);
  const [cheap, dear] = [sorted[0], sorted.at(-1)];
  const cold = compared.filter(({ year }) => year.shortHours > (cheap?.year.shortHours ?? 0));
  const left =
    cold.length > 0
      ? [
          `Cost not compared for ${cold.map(({ name }) => `“${name}”`).join(', ')}: heat it does not deliver is not paid for.`,
        ]
      : [];
  if (!cheap || !dear || dear.year.cost - cheap.year.cost < ALIKE)
    return ['They cost the same within a few dollars a year. Choose on comfort.', ...left];
  const span = whereTheyDiffer(dear.year, cheap.year);
  const strips = dear.year.stripsKWh - cheap.year.stripsKWh;
  const compressor = dear.year.compressorKWh - cheap.year.compressorKWh;
  const fuel = dear.year.fuelUnits - cheap.year.fuelUnits;
  const more = (value: number, unit: string, what: string) =>
    Math.abs(value) < 0.5
      ? []
      : [`${Math.abs(Math.round(value)).toLocaleString('en-US')} ${value > 0 ? 'more' : 'fewer'} ${unit}${what}`];
  return [
    `“${dear.name}” costs $${Math.round(dear.year.cost - cheap.year.cost).toLocaleString('en-US')} a year more than “${cheap.name}”: ${[
      ...more(strips, 'kWh', ' for strips'),
      ...more(compressor, 'kWh', ' for the compressor'),
      ...(fuelUnit === null ? [] : more(fuel, `${fuelUnit}s`, ' of fuel')),
    ].join(', ')}.`,
    ...(span ? [`Most of the difference is between ${span[0]} and ${span[1]} °F outside.`] : []),
    ...left,
  ];
};
