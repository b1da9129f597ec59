import { string } from 'yup';
import { isRealTime, TIME } from './time';

/** A time, ISO 8601 in UTC. */
export const timeSchema = string()
  .typeError('must be a time')
  .matches(TIME, 'must be a time such as 2026-01-31T14:05:00Z')
  .test('real', 'is not a calendar date; check it', (value) => !value || isRealTime(value));
