import { jobBalance } from '../../balance/from-job';
import { jobPlant, jobTariff } from '../../balance/year/from-job';
import type { Temperatures } from '../../balance/year/temperatures';
import { yearOf } from '../../balance/year/year';
import type { Year } from '../../balance/year/year-sums';
import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import { changesBetween, factsUnder } from './apply';
import type { LockoutPlan } from './way';

/** A way with the lockouts it calculates to on a job, and its year. */
export interface ComparedPlan {
  readonly name: string;
  /** Null: the job as set now. */
  readonly way: LockoutPlan | null;
  readonly compressorBelowF: number | null;
  readonly auxAboveF: number | null;
  readonly year: Year;
  /** Whether the job stands so already. */
  readonly isTaken: boolean;
}

/** The year of the job as set now. */
export const asSetNow = (facts: Facts, temperatures: Temperatures): ComparedPlan => ({
  name: 'As set now',
  way: null,
  ...lockoutsInForce(facts),
  year: yearOf(jobPlant(facts), jobTariff(facts), temperatures),
  isTaken: true,
});

/** The year of a job under one way. */
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

/** The job as set now and under each way, over one year. */
export const comparePlans = (
  facts: Facts,
  ways: readonly LockoutPlan[],
  temperatures: Temperatures,
): ComparedPlan[] => {
  const crossing = jobBalance(facts);
  return [asSetNow(facts, temperatures), ...ways.map((way) => comparePlan(facts, way, temperatures, crossing))];
};

/** Years whose cost lies closer than this are alike, $. */
const ALIKE = 5;
/** A span that holds this share of a difference is where it lies. */
const MOST_OF_IT = 0.8;

/** The narrowest run of bins that holds most of what two years differ by in cost. */
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
 * What the difference between the cheapest and the dearest way depends on, as sentences.
 * @param fuelUnit what a unit of the furnace's fuel is called; null without a furnace
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
