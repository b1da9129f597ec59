import { object } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { bounded, positive } from '../../border/schema';
import { type FrostGrowth, frostGrowth } from '../../simulation/outdoors/frost';

const schema = object({
  outdoorF: bounded(-100, 150, '°F').required('must be given, °F'),
  relativeHumidity: bounded(0, 1).required('must be given, a share of 1'),
  coilF: bounded(-100, 150, '°F').required('must be given, °F'),
  elevationFt: bounded(-2000, 30_000, 'ft').nullable(),
  airLbPerHour: positive(1e6, 'lb/h').required('must be given, lb/h'),
  contact: bounded(0, 1).required('must be given, a share of 1'),
});

/** Calculates the `input` of a frost case. */
export const calcFrost = (input: unknown): Parsed<FrostGrowth> => {
  const parsed = parseWith(schema, input);
  if (!parsed.ok) return parsed;
  return { ok: true, value: frostGrowth({ ...parsed.value, elevationFt: parsed.value.elevationFt ?? 0 }) };
};
