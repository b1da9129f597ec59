import { chance } from '../../units/chance';

/** A made-up climate that ships with the application. */
export interface Climate {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  /** Whether its cold is damp: weeks near 35 °F frost fast. */
  readonly isDamp: boolean;
  readonly hoursF: () => Float64Array;
  /** Relative humidity of each hour, as a fraction of 1. */
  readonly humidity: () => Float64Array;
}

interface Recipe {
  readonly seed: number;
  readonly meanF: number;
  /** Half the difference between summer and winter. */
  readonly seasonF: number;
  /** Half the difference between afternoon and dawn. */
  readonly dayF: number;
  /** Scatter of the weather about the season, and how much larger it is in winter. */
  readonly strayF: number;
  readonly winterStrays: number;
}

const HOURS = 8760;
/** Hour of the year that is coldest on average: about January 20. */
const COLDEST_HOUR = 19 * 24;
/** Correlation of the weather from hour to hour: weather lasts some days. */
const LASTS = 0.985;

/** The total of six uniform numbers is nearly normal. */
const spreadOf = (next: () => number) => () => (next() + next() + next() + next() + next() + next() - 3) * Math.SQRT2;

/** Season, day, and weather that wanders and returns, to a tenth of a degree. */
const made = ({ seed, meanF, seasonF, dayF, strayF, winterStrays }: Recipe): Float64Array => {
  const spread = spreadOf(chance(seed));
  const fresh = Math.sqrt(1 - LASTS ** 2);
  let stray = 0;
  return Float64Array.from({ length: HOURS }, (_, hour) => {
    stray = stray * LASTS + fresh * spread();
    const winter = Math.cos((2 * Math.PI * (hour - COLDEST_HOUR)) / HOURS);
    const afternoon = Math.cos((2 * Math.PI * ((hour % 24) - 15)) / 24);
    const value = meanF - seasonF * winter + dayF * afternoon + strayF * (1 + winterStrays * winter) * stray;
    return Math.round(value * 10) / 10;
  });
};

interface Dampness {
  readonly seed: number;
  /** Yearly mean, as a fraction of 1. */
  readonly mean: number;
  /** How much damper dawn is than the mean. */
  readonly dawn: number;
  readonly stray: number;
}

/** Bounds of the hourly humidity. */
const DAMPNESS_BOUNDS = [0.2, 0.99] as const;

/** Humidity with its own random numbers, so that temperatures stay as they were; damp at dawn, to a hundredth. */
const damp = ({ seed, mean, dawn, stray }: Dampness): Float64Array => {
  const spread = spreadOf(chance(seed));
  const fresh = Math.sqrt(1 - LASTS ** 2);
  let away = 0;
  return Float64Array.from({ length: HOURS }, (_, hour) => {
    away = away * LASTS + fresh * spread();
    const value = mean + dawn * Math.cos((2 * Math.PI * ((hour % 24) - 5)) / 24) + stray * away;
    return Math.round(Math.min(DAMPNESS_BOUNDS[1], Math.max(DAMPNESS_BOUNDS[0], value)) * 100) / 100;
  });
};

/** The climates that ship. None is a real place. */
export const CLIMATES: readonly Climate[] = [
  {
    id: 'sorrel-basin',
    name: 'Sorrel Basin',
    about: 'High dry valley: long winters, cold dawns, warm afternoons.',
    isDamp: false,
    hoursF: () => made({ seed: 5900, meanF: 44, seasonF: 22, dayF: 10, strayF: 7, winterStrays: 0.3 }),
    humidity: () => damp({ seed: 5901, mean: 0.58, dawn: 0.16, stray: 0.12 }),
  },
  {
    id: 'alder-sound',
    name: 'Alder Sound',
    about: 'Damp coast: weeks between 33 and 45 °F, seldom a hard frost.',
    isDamp: true,
    hoursF: () => made({ seed: 311, meanF: 51, seasonF: 11, dayF: 5, strayF: 5, winterStrays: 0.2 }),
    humidity: () => damp({ seed: 312, mean: 0.86, dawn: 0.07, stray: 0.07 }),
  },
  {
    id: 'thistle-plain',
    name: 'Thistle Plain',
    about: 'Open north: hot summers, weeks below zero.',
    isDamp: false,
    hoursF: () => made({ seed: 1904, meanF: 41, seasonF: 31, dayF: 8, strayF: 9, winterStrays: 0.3 }),
    humidity: () => damp({ seed: 1905, mean: 0.7, dawn: 0.12, stray: 0.1 }),
  },
];

/** The climate with an id; the first one if the id is unknown. */
export const climateById = (id: string): Climate => CLIMATES.find((climate) => climate.id === id) ?? CLIMATES[0]!;
