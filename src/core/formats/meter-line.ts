import { boolean, mixed, object, string } from 'yup';
import { ownValue } from '../border/own-value';
import { type Parsed, parseJson, parseWith } from '../border/parse';
import { bounded, plainText } from '../border/schema';
import { METER_UNITS, type MeterUnit, type Shown } from '../instrument/shown';

/** Maximum length of an instrument's line. */
const MOST_LETTERS = 2000;

/** Units as typed without special characters. */
const TYPED_UNITS: Readonly<Record<string, MeterUnit>> = {
  ohm: 'Ω',
  kohm: 'kΩ',
  Mohm: 'MΩ',
  uA: 'µA',
  degF: '°F',
  degC: '°C',
  inwc: 'in. w.c.',
};

const valueSchema = mixed<number | 'OL'>()
  .nullable()
  .defined('must be a number, "OL" or null')
  .test(
    'value',
    'must be a number, "OL" or null',
    (value) => value === null || value === 'OL' || (typeof value === 'number' && Math.abs(value) < 1e9),
  );

const lineSchema = object({
  meter: plainText(80).required('must be the name of the instrument'),
  channel: plainText(40).default(''),
  value: valueSchema,
  unit: string()
    .required('must be a unit')
    .oneOf([...METER_UNITS, ...Object.keys(TYPED_UNITS)], `must be one of ${METER_UNITS.join(', ')}`),
  ohms: bounded(1, 1e12, 'Ω').nullable().default(null),
  hold: boolean().typeError('must be true or false').default(false),
});

/** Parses a line from an instrument; docs/meter.md has the format. */
export const parseMeterLine = (text: string): Parsed<Shown> => {
  if (text.length > MOST_LETTERS)
    return { ok: false, error: `must be at most ${MOST_LETTERS} letters long`, path: 'line' };
  const json = parseJson(text);
  if (!json.ok) return json;
  const line = parseWith(lineSchema, json.value);
  if (!line.ok) return line;
  const { meter, channel, value, unit, ohms, hold } = line.value;
  return {
    ok: true,
    value: {
      meter,
      channel: channel ?? '',
      value,
      unit: ownValue(TYPED_UNITS, unit) ?? (unit as MeterUnit),
      ohms: ohms ?? null,
      isHeld: hold ?? false,
    },
  };
};

/** Writes an instrument's reading as a line. */
export const meterLine = ({ meter, channel, value, unit, ohms, isHeld }: Shown): string =>
  JSON.stringify({
    meter,
    ...(channel ? { channel } : {}),
    value,
    unit,
    ...(ohms === null ? {} : { ohms }),
    ...(isHeld ? { hold: true } : {}),
  });
