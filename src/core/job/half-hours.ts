import { clockText } from '../units/clock-text';

/** Times of day in half-hour steps, hours. */
export const halfHours = (from: number, to: number) =>
  Array.from({ length: (to - from) * 2 + 1 }, (_, half) => from + half / 2).map((hour) => ({
    value: hour,
    label: clockText((hour % 24) * 60),
  }));
