import { isPeakHour, type PeakHours } from './plant';

/** Hours of a year by outdoor temperature, coldest first. */
export interface Temperatures {
  readonly outdoorF: Float64Array;
  readonly hours: Float64Array;
  /** Share of peak hours at each temperature. */
  readonly peakShare: Float64Array;
}

/** Share of each hour of the day that is peak, by half hours. */
const peakOfDay = (peak: PeakHours | null): readonly number[] =>
  Array.from({ length: 24 }, (_, hour) =>
    peak === null ? 0 : (+isPeakHour(peak, hour + 0.25) + +isPeakHour(peak, hour + 0.75)) / 2,
  );

/** Hours grouped by a key, coldest first. */
const gathered = (
  hoursF: ArrayLike<number>,
  peak: PeakHours | null,
  keyOf: (hourF: number) => number,
  temperatureOf: (key: number) => number,
): Temperatures => {
  const share = peakOfDay(peak);
  const groups = new Map<number, { hours: number; peak: number }>();
  for (let at = 0; at < hoursF.length; at++) {
    const key = keyOf(hoursF[at]!);
    const group = groups.get(key) ?? { hours: 0, peak: 0 };
    group.hours++;
    group.peak += share[at % 24]!;
    groups.set(key, group);
  }
  const sorted = [...groups].sort(([one], [other]) => one - other);
  return {
    outdoorF: Float64Array.from(sorted, ([key]) => temperatureOf(key)),
    hours: Float64Array.from(sorted, ([, { hours }]) => hours),
    peakShare: Float64Array.from(sorted, ([, { hours, peak: dear }]) => dear / hours),
  };
};

/**
 * The hourly method: each temperature that occurs, with its hours. Hours at the same temperature are equal, so nothing
 * is lost.
 * @param hoursF from the first hour of a day
 */
export const everyTemperature = (hoursF: ArrayLike<number>, peak: PeakHours | null = null): Temperatures =>
  gathered(
    hoursF,
    peak,
    (hourF) => hourF,
    (hourF) => hourF,
  );

/** Default bin width, °F. */
export const BIN_WIDTH_F = 5;

/**
 * The bin method: hours in bins of equal width, each at its middle.
 * @param hoursF from the first hour of a day
 * @param widthF width of a bin, °F; above zero. Bins start at its multiples.
 */
export const binned = (
  hoursF: ArrayLike<number>,
  widthF: number = BIN_WIDTH_F,
  peak: PeakHours | null = null,
): Temperatures =>
  gathered(
    hoursF,
    peak,
    (hourF) => Math.floor(hourF / widthF),
    (bin) => (bin + 0.5) * widthF,
  );
