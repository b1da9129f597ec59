import type { HourlyWeather } from './weather';

/** A day of weather as entered. */
export interface TypedDay {
  readonly leastF: number;
  readonly mostF: number;
  /** Percent. */
  readonly humidity: number;
}

/** Coldest and warmest hour of the day. Source: dawn and mid-afternoon of a clear winter day. */
const COLDEST_HOUR = 6;
const WARMEST_HOUR = 15;
const HOURS = 24;

/** A repeating day: smooth from its coldest hour to its warmest and back. */
export const typedWeather = ({ leastF, mostF, humidity }: TypedDay): HourlyWeather => {
  const rises = WARMEST_HOUR - COLDEST_HOUR;
  const share = (hour: number) => {
    const since = (hour - COLDEST_HOUR + HOURS) % HOURS;
    return since <= rises ? since / rises : 1 - (since - rises) / (HOURS - rises);
  };
  return {
    hoursF: Array.from(
      { length: HOURS },
      (_, hour) => leastF + ((mostF - leastF) * (1 - Math.cos(Math.PI * share(hour)))) / 2,
    ),
    humidity: new Array<number>(HOURS).fill(humidity / 100),
  };
};
