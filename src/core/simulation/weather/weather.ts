/** Weather at a minute. */
export interface Weather {
  readonly outdoorF: number;
  /** A share of 1. */
  readonly relativeHumidity: number;
}

/** A year of weather by the hour. */
export interface HourlyWeather {
  readonly hoursF: ArrayLike<number>;
  /** Relative humidity of each hour, a share of 1; null: the weather says nothing of it. */
  readonly humidity: ArrayLike<number> | null;
}

/** Weather that holds no humidity is taken as this damp, a share of 1; a run says so. Our judgment. */
export const ASSUMED_HUMIDITY = 0.7;

const MINUTES_PER_HOUR = 60;

/** The weather of a run by the minute: straight lines from hour to hour, and from its last hour to its first. */
export const weatherFrom = ({ hoursF, humidity }: HourlyWeather, fromHour: number): ((atMin: number) => Weather) => {
  const count = hoursF.length;
  const wrapped = (hour: number) => ((hour % count) + count) % count;
  return (atMin) => {
    const hour = fromHour + atMin / MINUTES_PER_HOUR;
    const whole = Math.floor(hour);
    const share = hour - whole;
    const [before, after] = [wrapped(whole), wrapped(whole + 1)];
    return {
      outdoorF: hoursF[before]! + share * (hoursF[after]! - hoursF[before]!),
      relativeHumidity:
        humidity === null ? ASSUMED_HUMIDITY : humidity[before]! + share * (humidity[after]! - humidity[before]!),
    };
  };
};
