import { string } from 'yup';
import { isRealTime, TIME } from './time';

/** A moment in time, ISO 8601 in UTC. */
export const timeSchema = string()
  .typeError('must be a time')
  .matches(TIME, 'must be a time such as 2026-01-31T14:05:00Z')
  .test('real', 'is no day of the calendar; check the date', (value) => !value || isRealTime(value));
