/** Maximum size of a weather file, characters. */
export const MAX_WEATHER_FILE_CHARS = 6_000_000;

/** Scale of the temperatures in a file. EPW files are always in °C. */
export type WeatherScale = 'F' | 'C';

/** Options for a reader where a file leaves something open. */
export interface WeatherOptions {
  /** Fill missing hours by linear interpolation. Only on request. */
  readonly fills?: boolean;
  /** The scale of a CSV that names none, or the wrong one. */
  readonly scale?: WeatherScale;
}

/** A year of hours, ready for calculation. */
export interface WeatherYear {
  readonly name: string;
  /** Dry-bulb temperature of each hour, °F, from the first hour of January. */
  readonly hoursF: readonly number[];
  /** Relative humidity of each hour, as a fraction of 1; null: not in the file, or too little of it. */
  readonly humidity: readonly number[] | null;
  /** Hours that were missing and were filled. */
  readonly filled: number;
}

/** Result of reading a weather file. */
export type WeatherRead =
  | { readonly kind: 'read'; readonly weather: WeatherYear }
  /** Hours are missing; they can be filled when asked. */
  | { readonly kind: 'gaps'; readonly missing: number; readonly longest: number; readonly error: string }
  /** The numbers do not look like the scale they are taken for. */
  | { readonly kind: 'scale'; readonly taken: WeatherScale; readonly error: string }
  | { readonly kind: 'wrong'; readonly path: string; readonly error: string };

export const wrong = (path: string, error: string): WeatherRead => ({ kind: 'wrong', path, error });

/** With more missing hours it is not a year. */
const MOST_MISSING = 0.25;

const toF = (value: number, scale: WeatherScale) => (scale === 'C' ? value * 1.8 + 32 : value);
const toTenth = (value: number) => Math.round(value * 10) / 10;

/** Lengths of the runs of missing hours; the year wraps around. */
const gapsIn = (values: readonly (number | null)[]): number[] => {
  const first = values.findIndex((value) => value !== null);
  const turned = [...values.slice(first), ...values.slice(0, first)];
  const gaps: number[] = [];
  let length = 0;
  for (const value of turned) {
    if (value === null) length++;
    else if (length > 0) {
      gaps.push(length);
      length = 0;
    }
  }
  return length > 0 ? [...gaps, length] : gaps;
};

/** Fills missing hours by linear interpolation; the year wraps around. */
const filledIn = (values: readonly (number | null)[]): number[] => {
  const count = values.length;
  const known = values.flatMap((value, at) => (value === null ? [] : [at]));
  const out = values.slice() as number[];
  known.forEach((from, index) => {
    const to = known[index + 1] ?? known[0]! + count;
    for (let at = from + 1; at < to; at++) {
      const share = (at - from) / (to - from);
      out[at % count] = values[from]! + (values[to % count]! - values[from]!) * share;
    }
  });
  return out;
};

/** Codes of weather files for a missing hour, in either scale and sign. */
const MISSING_SIGNS: ReadonlySet<number> = new Set([99.9, 999, 999.9, 9999, 99_999]);
/** Bounds of hourly temperature, °C and °F. Source: recorded extremes, with a margin. */
const HOUR_BOUNDS = { C: [-90, 60], F: [-130, 140] } as const;

/**
 * One hour's value in a file: null if coded as missing, undefined if impossible.
 * @param scale the file's scale; both if it is still open
 */
export const hourFigure = (value: number, scale?: WeatherScale): number | null | undefined => {
  if (MISSING_SIGNS.has(Math.abs(value))) return null;
  const [least, most] = HOUR_BOUNDS[scale ?? 'F'];
  return value >= least && value <= most ? value : undefined;
};

/** A year whose hottest hour is below this in °F was typed in °C, or lies on an ice cap. */
/** Humidity of a year as fractions of 1, gaps interpolated; null if too little is known. */
const humidityOf = (percent: readonly (number | null)[], hours: number): readonly number[] | null => {
  const known = percent.filter((value) => value !== null).length;
  if (known === 0 || known < (1 - MOST_MISSING) * hours) return null;
  return filledIn(percent).map((value) => Math.round(Math.min(100, value)) / 100);
};

const COOLEST_SUMMER_F = 55;

/**
 * Builds a year from the values in a file.
 * @param values dry-bulb temperature of each hour from January 1; null if missing
 * @param damp relative humidity of the same hours, percent; empty if the file has none
 */
export const yearOfValues = (
  name: string,
  values: readonly (number | null)[],
  scale: WeatherScale,
  { fills = false }: WeatherOptions,
  damp: readonly (number | null)[] = [],
): WeatherRead => {
  const known = values.filter((value) => value !== null);
  const missing = values.length - known.length;
  if (known.length === 0) return wrong('', 'It has no temperatures. Is it the right column?');
  if (missing > MOST_MISSING * values.length)
    return wrong(
      '',
      `${missing.toLocaleString('en-US')} of ${values.length.toLocaleString('en-US')} hours are missing: too many to fill. Use another year.`,
    );
  const hottest = known.reduce((most, value) => Math.max(most, value), -Infinity);
  if (scale === 'F' && hottest < COOLEST_SUMMER_F)
    return {
      kind: 'scale',
      taken: 'F',
      error: `The hottest hour of the year is ${hottest}. Read as °F, that looks like °C. Which is it?`,
    };
  if (scale === 'C' && hottest > HOUR_BOUNDS.C[1])
    return {
      kind: 'scale',
      taken: 'C',
      error: `The hottest hour of the year is ${hottest}. Read as °C, that looks like °F. Which is it?`,
    };
  const coldest = known.reduce((least, value) => Math.min(least, value), Infinity);
  if (coldest < HOUR_BOUNDS[scale][0])
    return wrong('', `An hour of ${coldest} °${scale} is colder than any on record. Is it the right column and scale?`);
  if (missing > 0 && !fills) {
    const gaps = gapsIn(values);
    const longest = Math.max(...gaps);
    return {
      kind: 'gaps',
      missing,
      longest,
      error: `${missing.toLocaleString('en-US')} ${missing === 1 ? 'hour is' : 'hours are'} missing, the longest gap ${longest} h. Fill them by straight-line interpolation, or use another year.`,
    };
  }
  const whole = missing > 0 ? filledIn(values) : (values as readonly number[]);
  return {
    kind: 'read',
    weather: {
      name,
      hoursF: whole.map((value) => toTenth(toF(value, scale))),
      humidity: humidityOf(damp, values.length),
      filled: missing,
    },
  };
};
