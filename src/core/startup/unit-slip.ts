import { keptValue, type MeterUnit } from '../instrument/shown';
import type { ReadingValue } from '../job/reading';
import { decimalsOf } from '../units/decimals';
import { roundTo } from '../units/round';
import { isFarOff, isWithin } from './far-off';
import type { Item } from './step';

/** Units in which a reading is read by mistake, by the unit it is kept in. */
const MISTAKEN: Readonly<Record<string, readonly MeterUnit[]>> = {
  '°F': ['°C'],
  'in. w.c.': ['Pa', 'hPa', 'kPa'],
  V: ['mV'],
  A: ['mA'],
  Ω: ['kΩ'],
};

/** What a reading is if it was read in another unit. */
export interface UnitSlip {
  readonly unit: MeterUnit;
  /** In the item's own unit. */
  readonly value: number;
}

/**
 * The unit that a number was probably read in, where it would pass in that unit and would not even be looked at again
 * as it stands: 21 °C typed for °F, 125 Pa for in. w.c. A suggestion, never taken without being asked.
 * @returns null where the value may well be right, or no other unit explains it
 */
export const unitSlip = (item: Item, value: ReadingValue, place: string | null): UnitSlip | null => {
  const expected = item.expect(place);
  if (typeof value !== 'number' || expected.kind !== 'band' || item.isDifference) return null;
  if (!isFarOff(value, expected)) return null;
  for (const unit of MISTAKEN[item.unit] ?? []) {
    const meant = roundTo(keptValue({ value, unit }) as number, decimalsOf(item.unit) + 1);
    if (isWithin(meant, expected.pass)) return { unit, value: meant };
  }
  return null;
};
