/** Hours of a year by outdoor temperature, coldest first. */
export interface Temperatures {
  readonly outdoorF: Float64Array;
  readonly hours: Float64Array;
}

/**
 * The hourly method: every temperature that occurs, with the hours it lasts. Hours of one temperature are alike, so
 * none is lost.
 */
export const everyTemperature = (hoursF: ArrayLike<number>): Temperatures => {
  const sorted = Float64Array.from(hoursF).sort();
  const outdoorF = new Float64Array(sorted.length);
  const hours = new Float64Array(sorted.length);
  let last = -1;
  for (let at = 0; at < sorted.length; at++) {
    if (last < 0 || sorted[at] !== outdoorF[last]) outdoorF[++last] = sorted[at]!;
    hours[last]!++;
  }
  return { outdoorF: outdoorF.slice(0, last + 1), hours: hours.slice(0, last + 1) };
};

/** Width of a bin where nothing else is asked, °F. */
export const BIN_WIDTH_F = 5;

/**
 * The bin method: hours in bins of equal width, each at its middle.
 * @param widthF width of a bin, °F; above zero. Bins start at its multiples.
 */
export const binned = (hoursF: ArrayLike<number>, widthF: number = BIN_WIDTH_F): Temperatures => {
  const bins = new Map<number, number>();
  for (let at = 0; at < hoursF.length; at++) {
    const bin = Math.floor(hoursF[at]! / widthF);
    bins.set(bin, (bins.get(bin) ?? 0) + 1);
  }
  const sorted = [...bins].sort(([one], [other]) => one - other);
  return {
    outdoorF: Float64Array.from(sorted, ([bin]) => (bin + 0.5) * widthF),
    hours: Float64Array.from(sorted, ([, hours]) => hours),
  };
};
