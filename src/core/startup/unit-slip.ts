import { keptValue, type MeterUnit } from '../instrument/shown';
import type { ReadingValue } from '../job/reading';
import { decimalsOf } from '../units/decimals';
import { roundTo } from '../units/round';
import { canHaveSlipped } from './can-slip';
import { isWithin } from './far-off';
import type { Item } from './step';

/** Units used by mistake, by stored unit. */
const MISTAKEN: Readonly<Record<string, readonly MeterUnit[]>> = {
  '°F': ['°C'],
  'in. w.c.': ['Pa', 'hPa', 'kPa'],
  V: ['mV'],
  A: ['mA'],
  Ω: ['kΩ'],
};

/** A reading converted from another unit. */
export interface UnitSlip {
  readonly unit: MeterUnit;
  /** In the item's own unit. */
  readonly value: number;
}

/**
 * The unit probably meant, if the number passes in that unit and is impossible as typed: 125 Pa for in. w.c. A
 * suggestion, never applied unasked, and never for what could be a bad reading.
 * @returns null where the value may well be right, or no other unit explains it
 */
export const unitSlip = (item: Item, value: ReadingValue, place: string | null): UnitSlip | null => {
  const expected = item.expect(place);
  if (expected.kind !== 'band' || item.isDifference || !canHaveSlipped(item, expected, value)) return null;
  for (const unit of MISTAKEN[item.unit] ?? []) {
    const meant = roundTo(keptValue({ value, unit }) as number, decimalsOf(item.unit) + 1);
    if (isWithin(meant, expected.pass)) return { unit, value: meant };
  }
  return null;
};
