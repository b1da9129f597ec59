import { YEAR_HOURS } from '../../balance/year/year-hours';
import { cutText } from '../../border/text';
import { hourOfYear } from './hour-of-year';
import { hourFigure, type WeatherOptions, type WeatherRead, wrong, yearOfValues } from './weather-read';

const HEADER_LINES = 8;
const DRY_BULB = 6;
const HUMIDITY = 8;
/** Percent; larger values mean a missing hour. */
const HUMIDITY_BOUNDS = [0, 110] as const;

/** Whether a text is an EPW file: its first line names the location. */
export const isEpw = (text: string): boolean => /^\uFEFF?LOCATION,/i.test(text);

const placeOf = (line: string) =>
  cutText(
    line
      .split(',')
      .slice(1, 4)
      .map((part) => part.trim())
      .filter((part) => part !== '' && part !== '-')
      .join(', ')
      .replace(/[<>]/g, ''),
    80,
  );

const percentOf = (cell: string | undefined): number | null => {
  const value = cell === undefined || cell.trim() === '' ? NaN : Number(cell);
  return value >= HUMIDITY_BOUNDS[0] && value <= HUMIDITY_BOUNDS[1] ? value : null;
};

/**
 * Reads an EnergyPlus weather file: eight header lines, then one line per hour with year, month, day, hour 1–24,
 * minute, flags, dry bulb in °C, dew point, and relative humidity in percent; humidity may be missing. February 29 is
 * dropped, so every year has 8760 hours.
 * @param onLine progress, from 0 to 1
 */
export const readEpw = (
  text: string,
  options: WeatherOptions,
  onLine: (share: number) => void = () => undefined,
): WeatherRead => {
  const lines = text.split(/\r\n|\r|\n/);
  if (lines.length < HEADER_LINES + 24) return wrong('', 'The file stops after its header. Download it again.');
  const values: (number | null)[] = new Array<number | null>(YEAR_HOURS[0]).fill(null);
  const damp: (number | null)[] = new Array<number | null>(YEAR_HOURS[0]).fill(null);
  const seen = new Uint8Array(YEAR_HOURS[0]);
  for (let at = HEADER_LINES; at < lines.length; at++) {
    const line = lines[at]!;
    if (at % 512 === 0) onLine(at / lines.length);
    if (line.trim() === '') continue;
    const cells = line.split(',', HUMIDITY + 1);
    if (cells.length <= DRY_BULB) return wrong(`line ${at + 1}`, 'is not an hourly record: too few columns.');
    const [month, day, hour] = [Number(cells[1]), Number(cells[2]), Number(cells[3])];
    if (month === 2 && day === 29) continue;
    const index = hourOfYear(month, day, hour - 1);
    if (index === null)
      return wrong(`line ${at + 1}`, `has no such hour: month ${cells[1]}, day ${cells[2]}, hour ${cells[3]}.`);
    if (seen[index])
      return wrong(`line ${at + 1}`, `appears twice: month ${month}, day ${day}, hour ${hour}. One year per file.`);
    seen[index] = 1;
    const cell = cells[DRY_BULB]!;
    const dryBulbC = cell.trim() === '' ? null : hourFigure(Number(cell), 'C');
    if (dryBulbC === undefined)
      return wrong(`line ${at + 1}, column ${DRY_BULB + 1}`, `“${cell.slice(0, 20)}” is not an air temperature.`);
    values[index] = dryBulbC;
    damp[index] = percentOf(cells[HUMIDITY]);
  }
  return yearOfValues(placeOf(lines[0]!), values, 'C', options, damp);
};
