import type { Parsed } from '../src/core/border/parse';
import { meterLine } from '../src/core/formats/meter-line';
import { outdoorShows } from '../src/core/simulation/weather/outdoor-sensor';
import { type HourlyWeather, weatherFrom } from '../src/core/simulation/weather/weather';
import { dayOfYear } from './day-of-year';
import { optionsOf, refused } from './options';
import { weatherNamed } from './weather-named';

/** Maximum length: a year by the minute. */
const MOST_HOURS = 8760;

/** Options of `gate weather`. */
interface WeatherOptions {
  readonly weather: HourlyWeather;
  /** Hours from January 1, 0:00. */
  readonly fromHour: number;
  readonly hours: number;
  /** Minutes of weather per second; null: all at once. */
  readonly pace: number | null;
}

const hourOfYear = (text: string): number | null => {
  const [date = '', clock = '00:00'] = text.split('T');
  const day = dayOfYear(date);
  const match = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(clock);
  return day === null || !match ? null : day * 24 + Number(match[1]) + Number(match[2]) / 60;
};

/** Reads the options of `gate weather`. */
export const weatherOptions = (words: string[], read: (file: string | undefined) => string): Parsed<WeatherOptions> => {
  const options = optionsOf(words, {
    from: { type: 'string' },
    hours: { type: 'string' },
    pace: { type: 'string' },
    fill: { type: 'boolean' },
    scale: { type: 'string' },
  });
  if (!options.ok) return options;
  const { values, positionals } = options.value;
  const { from = '2026-01-14', hours = '24', pace } = values;
  const fromHour = hourOfYear(from);
  if (fromHour === null) return refused('--from', 'must be a day, such as 2026-01-14, or a minute, 2026-01-14T06:00');
  const count = Number(hours);
  if (!Number.isFinite(count) || count <= 0 || count > MOST_HOURS)
    return refused('--hours', `must be hours, up to ${MOST_HOURS}`);
  const paced = pace === undefined ? null : Number(pace);
  if (paced !== null && (!Number.isFinite(paced) || paced <= 0 || paced > 1000))
    return refused('--pace', 'must be minutes of weather in a second, up to 1000');
  const weather = weatherNamed(positionals[0], read, values);
  return weather.ok ? { ok: true, value: { weather: weather.value, fromHour, hours: count, pace: paced } } : weather;
};

/** Sensor output for each minute, and minutes per second; null: all at once. */
export interface PacedLines {
  readonly minutes: readonly string[];
  readonly pace: number | null;
}

/** Sensor output minute by minute, as lines. */
export const weatherReport = ({ weather, fromHour, hours, pace }: WeatherOptions): PacedLines => {
  const at = weatherFrom(weather, fromHour);
  const minutes = Array.from({ length: Math.round(hours * 60) }, (_, minute) =>
    outdoorShows(at(minute))
      .map((shown) => `${meterLine(shown)}\n`)
      .join(''),
  );
  return { minutes, pace };
};

/** Writes lines at a pace. */
export const writePaced = async (
  { minutes, pace }: PacedLines,
  write: (text: string) => void = (text) => void process.stdout.write(text),
): Promise<void> => {
  if (pace === null) return write(minutes.join(''));
  for (const minute of minutes) {
    write(minute);
    await new Promise((next) => setTimeout(next, 1000 / pace));
  }
};
