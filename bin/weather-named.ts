import { CLIMATES } from '../src/core/balance/year/climates';
import type { Parsed } from '../src/core/border/parse';
import { readWeather } from '../src/core/formats/weather';
import type { WeatherYear } from '../src/core/formats/weather/weather-read';
import { refused } from './options';

/** How to read weather from a file: fill gaps, and the scale if the file does not say. */
export interface WeatherReading {
  readonly fill?: boolean | undefined;
  readonly scale?: string | undefined;
}

/** A year of weather by the id of a shipped climate, or from an EPW or CSV file. */
export const weatherNamed = (
  name: string | undefined,
  read: (file: string | undefined) => string,
  { fill = false, scale }: WeatherReading = {},
): Parsed<WeatherYear> => {
  if (scale !== undefined && scale !== 'F' && scale !== 'C') return refused('--scale', 'must be F or C');
  const ids = CLIMATES.map(({ id }) => id).join(', ');
  if (name === undefined) return refused('--weather', `must be given: one of ${ids}, or an EPW or CSV file`);
  const climate = CLIMATES.find(({ id }) => id === name);
  if (climate)
    return {
      ok: true,
      value: { name: climate.name, hoursF: [...climate.hoursF()], humidity: [...climate.humidity()], filled: 0 },
    };
  const found = readWeather(read(name), name, { fills: fill, ...(scale ? { scale } : {}) });
  switch (found.kind) {
    case 'read':
      return { ok: true, value: found.weather };
    case 'gaps':
      return refused('--weather', `${found.error} With --fill they are filled and counted.`);
    case 'scale':
      return refused('--weather', `${found.error} With --scale F or --scale C.`);
    case 'wrong':
      return refused(found.path || '--weather', found.error);
  }
};
