import fc from 'fast-check';
import { climateById } from '../../balance/year/climates';
import { readWeather } from '.';
import { hourOfYear } from './hour-of-year';
import type { WeatherOptions } from './weather-read';

const basinF = climateById('sorrel-basin').hoursF();
const toC = (valueF: number) => Math.round((valueF - 32) / 0.18) / 10;
const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
const STAMPS = DAYS.flatMap((days, month) =>
  Array.from({ length: days }, (_, day) =>
    Array.from({ length: 24 }, (_, hour) => [month + 1, day + 1, hour] as const),
  ).flat(),
);
const two = (value: number) => String(value).padStart(2, '0');

/** An EPW file of the basin's hours; `change` can drop or spoil a line. */
const epw = (change: (line: string, at: number) => string | null = (line) => line) =>
  [
    'LOCATION,Sorrel Basin,--,Nowhere,made up,000000,40.0,-110.0,-7.0,1798.0',
    ...[
      'DESIGN CONDITIONS,0',
      'TYPICAL/EXTREME PERIODS,0',
      'GROUND TEMPERATURES,0',
      'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0',
      'COMMENTS 1,made up',
      'COMMENTS 2,made up',
    ],
    'DATA PERIODS,1,1,Data,Sunday, 1/ 1,12/31',
    ...STAMPS.flatMap(
      ([month, day, hour], at) =>
        change(`2001,${month},${day},${hour + 1},0,?9?9,${toC(basinF[at]!)},-5.0,60,82000`, at) ?? [],
    ),
  ].join('\r\n');
const csv = (header: string, line: (at: number) => string | null) =>
  [header, ...STAMPS.flatMap((_, at) => line(at) ?? [])].filter(Boolean).join('\n');
const stamp = (at: number) => `2001-${two(STAMPS[at]![0])}-${two(STAMPS[at]![1])} ${two(STAMPS[at]![2])}:00`;
const read = (text: string, options: WeatherOptions = {}, file = 'basin.csv') => readWeather(text, file, options);
const hours = (text: string, options: WeatherOptions = {}) => {
  const found = read(text, options);
  if (found.kind !== 'read') throw new Error(found.error);
  return found.weather;
};
const off = (hoursF: readonly number[]) => Math.max(...hoursF.map((value, at) => Math.abs(value - basinF[at]!)));

describe('EPW', () => {
  test('every hour comes back, in °F, with its place', () => {
    const weather = hours(epw());
    expect([weather.name, weather.hoursF.length, weather.filled]).toEqual(['Sorrel Basin, --, Nowhere', 8760, 0]);
    expect(off(weather.hoursF)).toBeLessThan(0.11);
  });

  test('humidity is read as a share; gaps are filled on a straight line; too little of it counts as none', () => {
    expect(hours(epw()).humidity).toEqual(new Array(8760).fill(0.6));
    const gap = epw((line, at) =>
      at === 9 ? line.replace(',60,', ',999,') : at === 10 ? line.replace(',60,', ',80,') : line,
    );
    expect(hours(gap).humidity!.slice(8, 12)).toEqual([0.6, 0.7, 0.8, 0.6]);
    const bare = epw((line, at) => (at % 3 === 0 ? line.replace(',60,', ',,') : line));
    expect(hours(bare).humidity).toBeNull();
    expect(hours(csv('hour,°F', (at) => `${stamp(at)},${basinF[at]}`)).humidity).toBeNull();
  });

  test('progress is reported along the way', () => {
    const shares: number[] = [];
    readWeather(epw(), 'x.epw', {}, (share) => shares.push(share));
    expect(shares.length).toBeGreaterThan(10);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
  });

  test('missing hours are counted, filled only on request, on a straight line', () => {
    const holed = epw((line, at) =>
      at >= 100 && at < 104 ? null : at === 500 ? line.replace(/\?9\?9,[^,]*/, '?9?9,99.9') : line,
    );
    expect(read(holed)).toMatchObject({
      kind: 'gaps',
      missing: 5,
      longest: 4,
      error: expect.stringMatching(/5 hours are missing, the longest gap 4 h/),
    });
    const { hoursF, filled } = hours(holed, { fills: true });
    expect(filled).toBe(5);
    const [before, after] = [hoursF[99]!, hoursF[104]!];
    expect(hoursF[101]).toBeCloseTo(before + ((after - before) * 2) / 5, 0);
  });

  test('a leap day is left out', () => {
    const leap = epw((line, at) =>
      STAMPS[at]![0] === 2 && STAMPS[at]![1] === 28 ? `${line}\r\n${line.replace('2001,2,28,', '2000,2,29,')}` : line,
    );
    expect(hours(leap).hoursF).toHaveLength(8760);
  });

  test.each(['-999', '9999', '99.9', '-99.9'])('%s means an hour that was not measured', (sign) => {
    const spoiled = epw((line, at) => (at === 9 ? line.replace(/\?9\?9,[^,]*/, `?9?9,${sign}`) : line));
    expect(read(spoiled, {}, 'basin.epw')).toMatchObject({ kind: 'gaps', missing: 1, longest: 1 });
    const gap = csv('', (at) => (at === 4 ? sign : String(basinF[at])));
    expect(read(gap)).toMatchObject({ kind: 'gaps', missing: 1 });
  });

  test.each<[string, string, string | RegExp, RegExp]>([
    ['an hour twice', epw((line, at) => (at === 9 ? `${line}\r\n${line}` : line)), /^line \d+$/, /appears twice/],
    [
      'no such hour',
      epw((line, at) => (at === 9 ? line.replace('2001,1,1,', '2001,13,1,') : line)),
      /^line \d+$/,
      /no such hour/,
    ],
    [
      'a word for a temperature',
      epw((line, at) => (at === 9 ? line.replace(/\?9\?9,[^,]*/, '?9?9,warm') : line)),
      /^line \d+, column 7$/,
      /“warm” is not an air temperature/,
    ],
    [
      'a temperature that no air has',
      epw((line, at) => (at === 9 ? line.replace(/\?9\?9,[^,]*/, '?9?9,-273.2') : line)),
      'line 18, column 7',
      /“-273.2” is not an air temperature/,
    ],
    [
      'a number without end',
      epw((line, at) => (at === 9 ? line.replace(/\?9\?9,[^,]*/, '?9?9,1e308') : line)),
      'line 18, column 7',
      /not an air temperature/,
    ],
    ['a torn line', epw((line, at) => (at === 9 ? '2001,1,1' : line)), /^line \d+$/, /too few columns/],
    ['a header alone', epw(() => null), '', /stops after its header/],
    ['half a year', epw((line, at) => (at < 4000 ? line : null)), '', /too many to fill/],
  ])('%s is refused with its path', (_, text, path, error) => {
    const found = read(text);
    expect(found).toMatchObject({ kind: 'wrong', error: expect.stringMatching(error) });
    if (found.kind === 'wrong') expect(found.path).toMatch(path instanceof RegExp ? path : new RegExp(`^${path}$`));
  });
});

describe('CSV of hours', () => {
  test('one column without a header is °F; its name is the file’s', () => {
    const weather = hours(csv('', (at) => String(basinF[at])));
    expect([weather.name, off(weather.hoursF)]).toEqual(['basin', 0]);
  });

  test.each<[string, string]>([
    ['a header in °F', csv('Dry bulb (°F)', (at) => String(basinF[at]))],
    ['a header in °C', csv('Temperature [deg C]', (at) => String(toC(basinF[at]!)))],
    ['times before it', csv('time,temp_f', (at) => `${stamp(at)},${basinF[at]}`)],
    [
      'times in another way',
      csv(
        'Date,Humidity,Outdoor °F',
        (at) => `${STAMPS[at]![0]}/${STAMPS[at]![1]}/2001 ${STAMPS[at]![2]}:00,50,${basinF[at]}`,
      ),
    ],
    [
      'a decimal comma between semicolons',
      csv('time;outdoor_f', (at) => `${stamp(at)};${String(basinF[at]).replace('.', ',')}`),
    ],
  ])('%s', (_, text) => expect(off(hours(text).hoursF)).toBeLessThan(0.11));

  test('out-of-order times are sorted', () => {
    const lines = csv('time,temp_f', (at) => `${stamp(at)},${basinF[at]}`).split('\n');
    const turned = [lines[0], ...lines.slice(1).reverse()].join('\n');
    expect(off(hours(turned).hoursF)).toBe(0);
  });

  test('°C read as °F is noticed, either way, and asked about; the answer is used', () => {
    const bare = csv('', (at) => String(toC(basinF[at]!)));
    expect(read(bare)).toMatchObject({ kind: 'scale', taken: 'F', error: expect.stringMatching(/looks like °C/) });
    expect(off(hours(bare, { scale: 'C' }).hoursF)).toBeLessThan(0.11);
    expect(read(csv('temp °C', (at) => String(basinF[at])))).toMatchObject({ kind: 'scale', taken: 'C' });
  });

  test('gaps by time or by an empty cell are counted', () => {
    expect(
      read(csv('time,temp_f', (at) => (at === 7 ? null : `${stamp(at)},${at === 20 ? '' : basinF[at]}`))),
    ).toMatchObject({
      kind: 'gaps',
      missing: 2,
      longest: 1,
    });
  });

  test.each<[string, string, RegExp]>([
    [
      'too few hours without times',
      csv('', (at) => (at < 8000 ? String(basinF[at]) : null)),
      /8,000 hours; a year has 8,760/,
    ],
    ['a word', csv('', (at) => (at === 4 ? 'cold' : String(basinF[at]))), /“cold” is not an air temperature/],
    ['1000 °F', csv('', (at) => (at === 4 ? '1000' : String(basinF[at]))), /“1000” is not an air temperature/],
    ['an hour twice', csv('time,temp_f', (at) => `${stamp(Math.max(1, at))},${basinF[at]}`), /appears twice/],
    ['nothing', '', /empty/],
    ['words alone', 'a,b\nc,d', /No column has temperatures/],
    ['no text', '\0\0PK', /not a text file/],
  ])('%s is refused', (_, text, error) =>
    expect(read(text)).toMatchObject({ kind: 'wrong', error: expect.stringMatching(error) }),
  );
});

test('any input gets an answer', () =>
  fc.assert(
    fc.property(fc.string({ maxLength: 400 }), fc.boolean(), (text, isEpw) =>
      expect(read(isEpw ? `LOCATION,${text}` : text).kind).not.toBe('read'),
    ),
  ));

test('hours of the year count up without a gap', () => {
  expect(STAMPS.map(([month, day, hour]) => hourOfYear(month, day, hour))).toEqual(STAMPS.map((_, at) => at));
  expect([hourOfYear(2, 29, 0), hourOfYear(4, 31, 0), hourOfYear(1, 1, 24), hourOfYear(0, 1, 0)]).toEqual([
    null,
    null,
    null,
    null,
  ]);
});
