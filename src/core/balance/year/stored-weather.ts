/** A year of weather that was brought in, as lists show it. */
export interface StoredWeather {
  readonly id: string;
  readonly name: string;
  /** Hours that were missing in the file and are filled. */
  readonly filled: number;
  readonly addedAt: string;
  readonly addedBy: string;
}

/** The same with its hours, °F, from the first of January. */
export interface WeatherHours extends StoredWeather {
  readonly hoursF: readonly number[];
  /** Relative humidity of the same hours, a share of 1; null: not known. */
  readonly humidity: readonly number[] | null;
}

/** A year of weather as it is brought in, by whom. */
export interface NewWeather extends Pick<WeatherHours, 'id' | 'name' | 'filled' | 'hoursF' | 'humidity'> {
  readonly author: string;
}
