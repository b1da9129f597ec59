import type { ReadingValue } from '../job/reading';
import { roundTo } from '../units/round';
import { isFarOff, isWithin } from './far-off';
import type { Item } from './step';

/** How far a point can have slipped: one or two places, either way. */
const SLIPS = [0.1, 10, 0.01, 100] as const;

/**
 * The number that was probably read where the point slipped in typing: 24.8 for 248, where 24.8 would pass and 248
 * would not even be looked at again. A suggestion, never taken without being asked.
 * @param value as typed, in the item's unit
 * @returns null where the value may well be right, or no slip explains it
 */
export const decimalSlip = (item: Item, value: ReadingValue, place: string | null): number | null => {
  const expected = item.expect(place);
  if (typeof value !== 'number' || expected.kind !== 'band') return null;
  if (!isFarOff(value, expected)) return null;
  const meant = SLIPS.map((factor) => roundTo(value * factor, 4)).find((number) => isWithin(number, expected.pass));
  return meant ?? null;
};
