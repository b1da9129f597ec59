/** An imported year of weather, as listed. */
export interface StoredWeather {
  readonly id: string;
  readonly name: string;
  /** Hours that were missing in the file and were filled. */
  readonly filled: number;
  readonly addedAt: string;
  readonly addedBy: string;
}

/** The same with its hours, °F, from the first of January. */
export interface WeatherHours extends StoredWeather {
  readonly hoursF: readonly number[];
  /** Relative humidity of the same hours, as a fraction of 1; null: unknown. */
  readonly humidity: readonly number[] | null;
}

/** A year of weather for import, and who imports it. */
export interface NewWeather extends Pick<WeatherHours, 'id' | 'name' | 'filled' | 'hoursF' | 'humidity'> {
  readonly author: string;
}
