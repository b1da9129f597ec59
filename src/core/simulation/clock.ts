import { clockText } from '../units/clock-text';

/** Minutes of a day. */
export const DAY_MIN = 1440;

/** Minute of the day for a minute of a run, from 0. A run begins at midnight; minutes before it are negative. */
export const minuteOfDay = (atMin: number): number => ((atMin % DAY_MIN) + DAY_MIN) % DAY_MIN;

/** Clock time of a minute of a run, such as 6:30 AM; a run starts at midnight. */
export const clockAt = (atMin: number): string => clockText(minuteOfDay(atMin));

/** Clock time in files, on a 24-hour clock. */
export const clock24At = (atMin: number): string => {
  const minute = Math.floor(minuteOfDay(atMin));
  return `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
};

/** Day of a run for a minute, from 1. */
export const dayAt = (atMin: number): number => Math.floor(atMin / DAY_MIN) + 1;
