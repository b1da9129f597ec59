import type { ReadingValue } from '../job/reading';
import { roundTo } from '../units/round';
import { canHaveSlipped } from './can-slip';
import { isWithin } from './far-off';
import type { Item } from './step';

/** Places that a decimal point can slip: one or two, either way. */
const SLIPS = [0.1, 10, 0.01, 100] as const;

/**
 * The number probably meant if the decimal point slipped: 248 for 2480, which no line has. A suggestion, never applied
 * unasked, and never for what could be a bad reading.
 * @param value as typed, in the item's unit
 * @returns null where the value may well be right, or no slip explains it
 */
export const decimalSlip = (item: Item, value: ReadingValue, place: string | null): number | null => {
  const expected = item.expect(place);
  if (expected.kind !== 'band' || !canHaveSlipped(item, expected, value)) return null;
  const meant = SLIPS.map((factor) => roundTo(value * factor, 4)).find((number) => isWithin(number, expected.pass));
  return meant ?? null;
};
