import { array, object, string } from 'yup';
import { plainText } from '../border/schema';
import type { Reading } from '../job/reading';

/** An instrument of a crew. */
export interface Instrument {
  readonly name: string;
  /** The last day on which its calibration holds, `2027-03-01`; null: it has none. */
  readonly calibratedUntil: string | null;
}

/** Most instruments of a crew, and most letters of a name: with its day it stands beside a reading. */
const MOST = 100;
const MOST_LETTERS = 50;

const UNTIL = ', calibrated until ';
const DAY = /^\d{4}-\d\d-\d\d$/;

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
      .test('no-mark', `must not hold “${UNTIL.trim()}”`, (name) => !(name ?? '').includes(UNTIL)),
    calibratedUntil: string()
      .nullable()
      .defined('must be a day, or null')
      .test('day', 'must be a day, such as 2027-03-01', isOnCalendar),
  })
    .noUnknown('holds something that is not known')
    .required('must be given'),
)
  .max(MOST, `must be at most ${MOST} instruments`)
  .required('must be a list')
  .test(
    'names',
    'two instruments have the same name',
    (all) => new Set(all?.map(({ name }) => name)).size === all?.length,
  );

/** An instrument as it stands beside a reading: with the day on which its calibration ends, as it was then. */
export const instrumentWords = ({ name, calibratedUntil }: Instrument): string =>
  calibratedUntil === null ? name : `${name}${UNTIL}${calibratedUntil}`;

/** The last day of an instrument's calibration, of what stands beside a reading; null where none is said. */
const calibratedUntil = (words: string): string | null => {
  const day = words.split(UNTIL)[1] ?? '';
  return DAY.test(day) ? day : null;
};

/** Whether an instrument's calibration has ended on a day. */
export const isCalibrationOver = (words: string, atISO: string): boolean => {
  const until = calibratedUntil(words);
  return until !== null && atISO.slice(0, 10) > until;
};

/** Instruments that readings were taken with after their calibration had ended, in words. */
export const endedCalibrations = (readings: readonly Pick<Reading, 'instrument' | 'at'>[]): string[] =>
  [
    ...new Set(
      readings.filter(({ instrument, at }) => isCalibrationOver(instrument, at)).map((each) => each.instrument),
    ),
  ].map((words) => `Read with an instrument whose calibration had ended: ${words}.`);
