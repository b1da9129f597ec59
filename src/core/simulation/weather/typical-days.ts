import { daysOf } from './day-picks';
import type { HourlyWeather } from './weather';

/** A day that represents a month. */
export interface TypicalDay {
  /** Day of the year, from 0. */
  readonly day: number;
  /** Days of the month it represents. */
  readonly stands: number;
}

const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/** The day of each month whose mean is closest to the month's. */
export const typicalDays = (weather: HourlyWeather): TypicalDay[] => {
  const days = daysOf(weather);
  let first = 0;
  return MONTH_DAYS.map((stands) => {
    const month = days.slice(first, first + stands);
    const meanF = month.reduce((sum, day) => sum + day.meanF, 0) / month.length;
    const day = month.reduce((best, each) =>
      Math.abs(each.meanF - meanF) < Math.abs(best.meanF - meanF) ? each : best,
    );
    first += stands;
    return { day: day.day, stands };
  });
};
