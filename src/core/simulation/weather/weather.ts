/** Weather at a minute. */
export interface Weather {
  readonly outdoorF: number;
  /** A share of 1. */
  readonly relativeHumidity: number;
}

/** A year of hourly weather. */
export interface HourlyWeather {
  readonly hoursF: ArrayLike<number>;
  /** Relative humidity of each hour, a share of 1; null: not in the file. */
  readonly humidity: ArrayLike<number> | null;
}

/** Assumed relative humidity for weather without it, a share of 1; a run says so. Our judgment. */
export const ASSUMED_HUMIDITY = 0.7;

const MINUTES_PER_HOUR = 60;

/** Weather by minute: linear between hours, and from the last hour to the first. */
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
