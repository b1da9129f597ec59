/** Years that a record can be of. */
const YEARS = [1970, 2200] as const;

/** How a moment in time is written: ISO 8601 in UTC. */
export const TIME = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,9})?Z$/;

/** Whether a day of the calendar is one that there is: no 30th of February, no year 0. */
export const isRealTime = (text: string): boolean => {
  const time = new Date(text);
  if (Number.isNaN(time.getTime())) return false;
  const year = time.getUTCFullYear();
  return year >= YEARS[0] && year < YEARS[1] && time.toISOString().slice(0, 10) === text.slice(0, 10);
};

/** Whether a text is a moment in time, ISO 8601 in UTC. */
export const isTime = (text: string): boolean => TIME.test(text) && isRealTime(text);
