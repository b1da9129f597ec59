import { hourOfYear } from '../src/core/formats/weather/hour-of-year';

/** Days from January 1 to a date of a year without a leap day; null: invalid date. */
export const dayOfYear = (date: string): number | null => {
  const match = /^\d{4}-(\d\d)-(\d\d)$/.exec(date);
  const hour = match && hourOfYear(Number(match[1]), Number(match[2]), 0);
  return hour === null ? null : hour / 24;
};
