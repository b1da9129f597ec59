import type { ReadingValue } from '../job/reading';
import { apartF } from '../units/degrees';
import type { Item } from './step';

/** A reading with its unit; a temperature difference is marked as one, so that it converts without the 32. */
export const valueWords = (
  { unit, isDifference }: Pick<Item, 'unit' | 'isDifference'>,
  value: ReadingValue,
): string => {
  if (typeof value !== 'number') return String(value);
  return isDifference ? apartF(value) : `${value} ${unit}`.trim();
};
