import { array, object, string } from 'yup';
import { plainText } from '../border/schema';
import { DAY, UNTIL } from './calibration';

/** Maximum instruments of a crew, and maximum name length: name and date are stored with each reading. */
const MOST = 100;
const MOST_LETTERS = 50;

/** Whether a text is a calendar date: 2026-02-30 is not. */
const isOnCalendar = (text: string | null | undefined): boolean => {
  if (text === null) return true;
  const at = new Date(`${text}T00:00:00Z`);
  return DAY.test(text ?? '') && !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text!);
};

/** A crew's instruments from outside, validated. */
export const instrumentsSchema = array(
  object({
    name: plainText(MOST_LETTERS)
      .required('must be given')
      .test('no-mark', `must not contain “${UNTIL.trim()}”`, (name) => !(name ?? '').includes(UNTIL)),
    calibratedUntil: string()
      .nullable()
      .defined('must be a day, or null')
      .test('day', 'must be a day, such as 2027-03-01', isOnCalendar),
  })
    .noUnknown('contains an unknown field')
    .required('must be given'),
)
  .max(MOST, `must be at most ${MOST} instruments`)
  .required('must be a list')
  .test(
    'names',
    'two instruments have the same name',
    (all) => new Set(all?.map(({ name }) => name)).size === all?.length,
  );
