import { array, object, string } from 'yup';
import { plainText } from '../border/schema';
import { DAY, UNTIL } from './calibration';

/** Most instruments of a crew, and most letters of a name: with its day it stands next to a reading. */
const MOST = 100;
const MOST_LETTERS = 50;

/** Whether a text is a day of the calendar: 2026-02-30 is none. */
const isOnCalendar = (text: string | null | undefined): boolean => {
  if (text === null) return true;
  const at = new Date(`${text}T00:00:00Z`);
  return DAY.test(text ?? '') && !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text!);
};

/** The instruments of a crew as they come through the border. */
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
