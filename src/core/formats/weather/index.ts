import { cutText } from '../../border/text';
import { isEpw, readEpw } from './epw';
import { readHoursCsv } from './hours-csv';
import { MAX_WEATHER_FILE_CHARS, type WeatherOptions, type WeatherRead, wrong } from './weather-read';

const nameOf = (file: string) =>
  cutText(
    file
      .replace(/^.*[\\/]/, '')
      .replace(/\.[^.]*$/, '')
      .replace(/[<>]/g, ''),
    80,
  ) || 'Weather';

/**
 * Reads a year of weather: an EPW file, or CSV of hours.
 * @param file name of the file
 * @param onLine progress, from 0 to 1
 */
export const readWeather = (
  text: string,
  file: string,
  options: WeatherOptions = {},
  onLine?: (share: number) => void,
): WeatherRead => {
  if (text.length > MAX_WEATHER_FILE_CHARS)
    return wrong('', `The file is over ${MAX_WEATHER_FILE_CHARS / 1e6} MB, too big for a year of hours.`);
  if (text.includes('\0')) return wrong('', 'This is not a text file. Use an EPW file or an hourly CSV.');
  return isEpw(text) ? readEpw(text, options, onLine) : readHoursCsv(text, nameOf(file), options);
};
