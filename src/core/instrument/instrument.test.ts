import fc from 'fast-check';
import { meterLine, parseMeterLine } from '../formats/meter-line';
import { outdoorShows } from '../simulation/weather/outdoor-sensor';
import { chance } from '../units/chance';
import { inputOf, keptValue, METER_UNITS, type MeterUnit, type Shown } from './shown';
import { simulatedMeterShows } from './stand-in';
import { type Sample, steadinessOf } from './steady';

const shown = (value: Shown['value'], unit: MeterUnit = 'V', more: Partial<Shown> = {}): Shown => ({
  meter: 'Bench meter',
  channel: '',
  value,
  unit,
  ohms: null,
  isHeld: false,
  ...more,
});
/** Samples a quarter second apart. */
const every250 = (values: readonly Shown['value'][], unit: MeterUnit = 'V'): Sample[] =>
  values.map((value, at) => ({ atMs: at * 250, shown: shown(value, unit) }));
const standing = (samples: readonly Sample[]) => steadinessOf(samples, samples.at(-1)?.atMs ?? 0);

describe('what an instrument sends, in the units that readings are stored in', () => {
  test.each([
    [24_310, 'mV', 24.31],
    [1.5, 'kΩ', 1500],
    [0.0367, 'MΩ', 36_700],
    [-5, '°C', 23],
    [100, '°C', 212],
    // An inch of water is 249.089 Pa, and 2.49 hPa.
    [249.089, 'Pa', 1],
    [0.1245, 'kPa', 0.4998],
    [1.2454, 'hPa', 0.5],
    [350, 'mA', 0.35],
    [4.2, 'µA', 4.2],
  ] as const)('%f %s', (value, unit, kept) => expect(keptValue({ value, unit })).toBe(kept));

  test('open circuit and lifted leads are not numbers', () => {
    expect(keptValue({ value: 'OL', unit: 'kΩ' })).toBe('OL');
    expect(keptValue({ value: null, unit: 'mV' })).toBeNull();
  });

  test('a meter’s volts and ohms are two inputs, its volts and millivolts one', () => {
    expect(inputOf(shown(1, 'V'))).toBe(inputOf(shown(1, 'mV')));
    expect(inputOf(shown(1, 'V'))).not.toBe(inputOf(shown(1, 'Ω')));
  });
});

describe('a value can be taken once it is stable', () => {
  test('rising, then stable: the middle of the stable values', () => {
    expect(standing(every250([3, 14, 20, 23]))).toEqual({ kind: 'moving', value: 23 });
    expect(standing(every250([3, 24.3, 24.32, 24.28, 24.31, 24.3, 24.29, 24.31]))).toEqual({
      kind: 'steady',
      value: 24.3,
    });
  });

  test('one line is not enough, unless the instrument holds it', () => {
    expect(standing(every250([24.3]))).toEqual({ kind: 'moving', value: 24.3 });
    expect(steadinessOf([{ atMs: 0, shown: shown(31.4, '°F', { isHeld: true }) }], 90_000)).toEqual({
      kind: 'steady',
      value: 31.4,
    });
  });

  test('a meter that sends once a second is stable after two lines', () => {
    const every1000 = (values: readonly number[]) =>
      values.map((value, at) => ({ atMs: at * 1000, shown: shown(value) }));
    expect(standing(every1000([24.3, 24.31])).kind).toBe('moving');
    expect(standing(every1000([3, 24.3, 24.31])).kind).toBe('moving');
    expect(standing(every1000([3, 24.3, 24.31, 24.3]))).toEqual({ kind: 'steady', value: 24.3 });
  });

  test('open circuit is stable as such; alternating between open and closed is not', () => {
    expect(standing(every250(Array<'OL'>(8).fill('OL'), 'Ω'))).toEqual({ kind: 'steady', value: 'OL' });
    expect(standing(every250([12, 'OL', 12, 'OL', 12, 'OL', 12, 12], 'Ω')).kind).toBe('moving');
  });

  test('lifted leads or silence give no reading', () => {
    expect(standing(every250([24, 24, 24, 24, 24, 24, 24, null]))).toEqual({ kind: 'nothing' });
    expect(steadinessOf(every250(Array<number>(8).fill(24)), 60_000)).toEqual({ kind: 'nothing' });
    expect(standing([])).toEqual({ kind: 'nothing' });
  });

  test('a stand-in’s reading is taken within a hundredth of its target', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 250, noNaN: true }), fc.integer(), (value, seed) => {
        const next = chance(seed);
        const held = { value, unit: 'V', ohms: 10e6 } as const;
        const samples = Array.from({ length: 24 }, (_, at) => ({
          atMs: at * 250,
          shown: simulatedMeterShows('Stand-in', held, at / 4, next),
        }));
        expect(standing(samples.slice(0, 3)).kind).toBe('moving');
        const end = standing(samples);
        expect(end.kind).toBe('steady');
        expect(Math.abs((end as { value: number }).value - value)).toBeLessThan(0.1 + 0.01 * value);
      }),
    ));
});

describe('an instrument’s line', () => {
  test.each([
    ['{"meter":"M","value":24.3,"unit":"V","ohms":10000000}', { value: 24.3, unit: 'V', ohms: 10e6 }],
    ['{"meter":"M","value":"OL","unit":"kohm"}', { value: 'OL', unit: 'kΩ', ohms: null }],
    ['{"meter":"M","channel":"T1","value":null,"unit":"degC"}', { channel: 'T1', value: null, unit: '°C' }],
    ['{"meter":"M","value":31,"unit":"°F","hold":true,"battery":80}', { value: 31, isHeld: true }],
  ])('%s', (line, read) => expect(parseMeterLine(line)).toMatchObject({ ok: true, value: { meter: 'M', ...read } }));

  test.each([
    ['24.3', 'line', /object/],
    ['{"meter":"M","value":"24","unit":"V"}', 'value', /number/],
    ['{"meter":"M","value":1e12,"unit":"V"}', 'value', /number/],
    ['{"meter":"M","value":24,"unit":"furlong"}', 'unit', /one of/],
    ['{"value":24,"unit":"V"}', 'meter', /name/],
    ['{"meter":"<b>","value":24,"unit":"V"}', 'meter', /markup/],
    ['{"meter":"M","value":24,"unit":"V","ohms":-3}', 'ohms', /at least/],
    [`{"meter":"${'M'.repeat(3000)}"}`, 'line', /letters/],
    ['not a line', '', /JSON/],
  ])('malformed line %# is refused', (line, path, error) => {
    const read = parseMeterLine(line);
    expect(read.ok).toBe(false);
    if (!read.ok) {
      expect(read.error).toMatch(error);
      if (path !== 'line') expect(read.path).toBe(path);
    }
  });

  test('written and parsed, it is the same', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...METER_UNITS),
        fc.option(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { nil: null }),
        fc.boolean(),
        (unit, value, isHeld) => {
          const sent = shown(value === 0 ? 0 : value, unit, { channel: 'T2', isHeld, ohms: 3000 });
          expect(parseMeterLine(meterLine(sent))).toEqual({ ok: true, value: sent });
        },
      ),
    ));
});

test('an outdoor sensor sends temperature and humidity, and both become stable', () => {
  const sent = outdoorShows({ outdoorF: 31.449, relativeHumidity: 0.876 });
  expect(sent.map(({ value, unit }) => [value, unit])).toEqual([
    [31.4, '°F'],
    [88, '%'],
  ]);
  expect(sent.map((each) => steadinessOf([{ atMs: 0, shown: each }], 600_000))).toEqual([
    { kind: 'steady', value: 31.4 },
    { kind: 'steady', value: 88 },
  ]);
});
