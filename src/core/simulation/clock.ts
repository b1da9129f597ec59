import { clockText } from '../units/clock-text';

/** Minutes of a day. */
export const DAY_MIN = 1440;

/** The minute of its day that a minute of a run is, from 0; a run begins at a midnight, and may look back before it. */
export const minuteOfDay = (atMin: number): number => ((atMin % DAY_MIN) + DAY_MIN) % DAY_MIN;

/** The clock time of a minute of a run, such as 6:30 AM; a run starts at midnight. */
export const clockAt = (atMin: number): string => clockText(minuteOfDay(atMin));

/** The same as files have it, 0:00 to 23:59. */
export const clock24At = (atMin: number): string => {
  const minute = Math.floor(minuteOfDay(atMin));
  return `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
};

/** The day of a run that a minute falls in, from 1. */
export const dayAt = (atMin: number): number => Math.floor(atMin / DAY_MIN) + 1;
