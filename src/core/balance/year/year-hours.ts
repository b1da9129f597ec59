/** Hours of a common year, and of a leap year. */
export const YEAR_HOURS = [8760, 8784] as const;
