const DAYS_BEFORE = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334];

/** Hour of a common year, from 0; null if there is no such hour. February 29 has none. */
export const hourOfYear = (month: number, day: number, hour: number): number | null => {
  const before = DAYS_BEFORE[month - 1];
  if (before === undefined || !Number.isInteger(day) || !Number.isInteger(hour)) return null;
  const days = (DAYS_BEFORE[month] ?? 365) - before;
  return day < 1 || day > days || hour < 0 || hour > 23 ? null : (before + day - 1) * 24 + hour;
};
