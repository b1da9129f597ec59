import type { ReadingValue } from '../job/reading';
import type { Expectation, Item } from './step';

/** Possible range of a quantity on any residential system, by stored unit. Our judgment, and wide. */
const RANGES: Readonly<Record<string, readonly [number, number]>> = {
  V: [0, 600],
  A: [0, 300],
  Ω: [0, 100_000],
  '°F': [-60, 1000],
  'in. w.c.': [-3, 30],
  min: [0, 240],
  s: [0, 3600],
  '%': [0, 100],
  µA: [0, 50],
  psi: [0, 500],
};

/** The same for air and duct readings, by item. */
const AIR_F = [-40, 250] as const;
const DUCT_IN_WC = [0, 3] as const;
const CONTROL_V = [0, 300] as const;

const rangeOf = ({ of, unit }: Item): readonly [number, number] => {
  switch (of?.observable.kind) {
    case 'temperature':
      return AIR_F;
    case 'pressure':
      return of.observable.at === 'static' ? DUCT_IN_WC : RANGES[unit]!;
    case 'volts':
      return CONTROL_V;
    default:
      return RANGES[unit] ?? [-Infinity, Infinity];
  }
};

/**
 * Whether a number may be a typing slip: only if the quantity cannot have that value on any such system, and never for
 * a safety reading. A bad reading stays a bad reading.
 */
export const canHaveSlipped = (item: Item, expected: Expectation, value: ReadingValue): value is number => {
  if (typeof value !== 'number' || expected.kind !== 'band' || expected.isDead) return false;
  if (item.isSafety || item.stops !== undefined || item.verdict !== undefined) return false;
  const [least, most] = rangeOf(item);
  return value < least || value > most;
};
