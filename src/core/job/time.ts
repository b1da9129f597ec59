/** Valid years of a record. */
const YEARS = [1970, 2200] as const;

/** Written form of a time: ISO 8601 in UTC. */
export const TIME = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,9})?Z$/;

/** Whether a calendar date exists: no February 30, no year 0. */
export const isRealTime = (text: string): boolean => {
  const time = new Date(text);
  if (Number.isNaN(time.getTime())) return false;
  const year = time.getUTCFullYear();
  return year >= YEARS[0] && year < YEARS[1] && time.toISOString().slice(0, 10) === text.slice(0, 10);
};

/** Whether a text is a time, ISO 8601 in UTC. */
export const isTime = (text: string): boolean => TIME.test(text) && isRealTime(text);
