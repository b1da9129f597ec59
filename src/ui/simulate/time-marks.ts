import { DAY_MIN, dayAt, minuteOfDay } from '@/core/simulation/clock';
import { clockMark } from '@/core/units/clock-text';

/** A mark on the run's time axis. */
export interface TimeMark {
  readonly atMin: number;
  readonly label: string;
}

/** A run this short is marked in minutes. */
const MOMENT_MIN = 60;

/** Hours of a day, or days of a longer run, as many as fit. */
export const timeMarks = (minutes: number, isNarrow: boolean): TimeMark[] => {
  if (minutes <= MOMENT_MIN) {
    const every = isNarrow ? 4 : 1;
    return Array.from({ length: Math.ceil(minutes / every) }, (_, at) => ({
      atMin: at * every,
      label: `${at * every} min`,
    }));
  }
  const isDay = minutes <= DAY_MIN;
  const everyMin = isDay
    ? isNarrow
      ? 360
      : 120
    : DAY_MIN * (minutes > 7 * DAY_MIN ? (isNarrow ? 10 : 5) : isNarrow ? 2 : 1);
  return Array.from({ length: Math.floor((minutes - 1) / everyMin) + 1 }, (_, at) => {
    const atMin = at * everyMin;
    return { atMin, label: isDay ? clockMark(minuteOfDay(atMin)) : `day ${dayAt(atMin)}` };
  });
};
