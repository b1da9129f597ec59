import { string } from 'yup';

/** Years that a record can be of. */
const YEARS = [1970, 2200] as const;

/** Whether a day of the calendar is one that there is: no 30th of February, no year 0. */
const isRealTime = (text: string): boolean => {
  const time = new Date(text);
  if (Number.isNaN(time.getTime())) return false;
  const year = time.getUTCFullYear();
  return year >= YEARS[0] && year < YEARS[1] && time.toISOString().slice(0, 10) === text.slice(0, 10);
};

/** A moment in time, ISO 8601 in UTC. */
export const timeSchema = string()
  .typeError('must be a time')
  .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,9})?Z$/, 'must be a time such as 2026-01-31T14:05:00Z')
  .test('real', 'is no day of the calendar; check the date', (value) => !value || isRealTime(value));
