/** A year without a leap day, for date names. */
const YEAR = 2025;
const DAY_MS = 86_400_000;

const dayAt = (day: number): Date => new Date(Date.UTC(YEAR, 0, 1 + day));
const WORDS = new Intl.DateTimeFormat('en-US', { month: 'short', day: 'numeric', timeZone: 'UTC' });

/** A day of the year, from 0, in words. */
export const dateText = (day: number): string => WORDS.format(dayAt(day));

/** A day of the year as a date field value. */
export const dateValue = (day: number): string => dayAt(day).toISOString().slice(0, 10);

/** The day of the year in a date field; null: no date. */
export const dayOfDate = (value: string): number | null => {
  const at = new Date(`${value}T00:00:00Z`);
  return Number.isNaN(at.getTime())
    ? null
    : Math.round((Date.UTC(YEAR, at.getUTCMonth(), at.getUTCDate()) - Date.UTC(YEAR, 0, 1)) / DAY_MS);
};
