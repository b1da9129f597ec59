import { format } from 'date-fns';

/** A year without a leap day, for the names of its days. */
const YEAR = 2025;

/** A day of the year, from 0, as it is said. */
export const dateText = (day: number): string => format(new Date(YEAR, 0, 1 + day), 'MMM d');

/** A day of the year as a date field has it. */
export const dateValue = (day: number): string => format(new Date(YEAR, 0, 1 + day), 'yyyy-MM-dd');
/** The day of the year of a date field; null: it holds no date. */
export const dayOfDate = (value: string): number | null => {
  const at = new Date(`${value}T00:00:00`);
  return Number.isNaN(at.getTime())
    ? null
    : Math.round((Date.UTC(YEAR, at.getMonth(), at.getDate()) - Date.UTC(YEAR, 0, 1)) / 86_400_000);
};
