import Papa from 'papaparse';
import { YEAR_HOURS } from '../../balance/year/year-hours';
import { hasTooManyQuotes, TOO_MANY_QUOTES } from '../csv-guard';
import { hourOfYear } from './hour-of-year';
import {
  hourFigure,
  type WeatherOptions,
  type WeatherRead,
  type WeatherScale,
  wrong,
  yearOfValues,
} from './weather-read';

const TEMPERATURE = /temp|dry.?bulb|outdoor|°\s*[FC]|deg/i;
const TIME = /time|date/i;
const CELSIUS = /°\s*C|\(C\)|deg\s*C|celsius|_c$/i;
const FAHRENHEIT = /°\s*F|\(F\)|deg\s*F|fahrenheit|_f$/i;

const asNumber = (cell: string | undefined): number | null | undefined => {
  const text = (cell ?? '').trim().replace(/\u2212/g, '-');
  if (/^(|na|nan|null|-|m|missing)$/i.test(text)) return null;
  const value = Number(/^-?\d+,\d+$/.test(text) ? text.replace(',', '.') : text);
  return Number.isFinite(value) ? value : undefined;
};

/**
 * Hour of the year of a time such as 2024-01-31T05:00, 2024-01-31 05:00 or 01/31/2024 05:00; undefined if invalid, null
 * on February 29.
 */
const hourOf = (text: string): number | null | undefined => {
  const found = /^(?:(\d{4})-(\d{1,2})-(\d{1,2})|(\d{1,2})\/(\d{1,2})(?:\/\d{2,4})?)[ T](\d{1,2})(?::\d{2})?/.exec(
    text.trim(),
  );
  if (!found) return undefined;
  const [month, day, hour] = [Number(found[2] ?? found[4]), Number(found[3] ?? found[5]), Number(found[6])];
  if (month === 2 && day === 29) return null;
  return hourOfYear(month, day, hour) ?? undefined;
};

const scaleOf = (header: string, options: WeatherOptions): WeatherScale =>
  options.scale ?? (CELSIUS.test(header) && !FAHRENHEIT.test(header) ? 'C' : 'F');

/**
 * Reads a year of hours from CSV: a column of temperatures, with or without a column of times. A header may name the
 * scale; the default is °F. With times, hours may be missing or out of order; without, the year must be complete.
 */
export const readHoursCsv = (text: string, name: string, options: WeatherOptions): WeatherRead => {
  if (hasTooManyQuotes(text)) return wrong('', TOO_MANY_QUOTES);
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [first] = data;
  if (!first) return wrong('', 'The file is empty.');
  const isHeader = first.every((cell) => asNumber(cell) === undefined && hourOf(cell) === undefined);
  const rows = isHeader ? data.slice(1) : data;
  const sample = rows[0] ?? [];
  const timeAt =
    isHeader && first.some((cell) => TIME.test(cell))
      ? first.findIndex((cell) => TIME.test(cell))
      : sample.findIndex((cell) => hourOf(cell) !== undefined);
  const named = isHeader ? first.findIndex((cell, at) => at !== timeAt && TEMPERATURE.test(cell)) : -1;
  const valueAt = named >= 0 ? named : sample.findIndex((cell, at) => at !== timeAt && asNumber(cell) !== undefined);
  if (valueAt < 0)
    return wrong(
      '',
      'No column has temperatures. The file needs one number per hour, with or without a time in front.',
    );
  const scale = scaleOf(isHeader ? (first[valueAt] ?? '') : '', options);
  const lineOf = (row: number) => `line ${row + (isHeader ? 2 : 1)}`;
  const read: (number | null)[] = [];
  for (let row = 0; row < rows.length; row++) {
    const cell = rows[row]![valueAt] ?? '';
    const number = asNumber(cell);
    const value = typeof number === 'number' ? hourFigure(number) : number;
    if (value === undefined)
      return wrong(`${lineOf(row)}, column ${valueAt + 1}`, `“${cell.slice(0, 20)}” is not an air temperature.`);
    read.push(value);
  }
  if (timeAt < 0) {
    if (!YEAR_HOURS.includes(read.length as (typeof YEAR_HOURS)[number]))
      return wrong(
        '',
        `The file has ${read.length.toLocaleString('en-US')} hours; a year has 8,760. Start at the first hour of January, or put a time before each.`,
      );
    return yearOfValues(name, read, scale, options);
  }
  const values: (number | null)[] = new Array<number | null>(YEAR_HOURS[0]).fill(null);
  const seen = new Uint8Array(YEAR_HOURS[0]);
  for (let row = 0; row < rows.length; row++) {
    const text = rows[row]![timeAt] ?? '';
    const hour = hourOf(text);
    if (hour === undefined) return wrong(lineOf(row), `“${text.slice(0, 30)}” is not a time. Use 2024-01-31 05:00.`);
    if (hour === null) continue;
    if (seen[hour]) return wrong(lineOf(row), `appears twice: ${text.slice(0, 30)}. One year, one line per hour.`);
    seen[hour] = 1;
    values[hour] = read[row]!;
  }
  return yearOfValues(name, values, scale, options);
};
