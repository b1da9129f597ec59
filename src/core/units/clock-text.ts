/**
 * A time of day on a 12-hour clock, such as 6:30 AM; midnight is 12:00 AM.
 * @param minute of the day, 0 to 1439; fractions are cut off
 */
export const clockText = (minute: number): string => {
  const whole = Math.floor(minute);
  return `${Math.floor(whole / 60) % 12 || 12}:${String(whole % 60).padStart(2, '0')} ${whole < 720 ? 'AM' : 'PM'}`;
};

/** The same for a chart's axis: 6 AM on the hour, 6:30 AM between. */
export const clockMark = (minute: number): string => clockText(minute).replace(':00', '');
