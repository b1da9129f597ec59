import type { Reading } from '../job/reading';

/** A crew's instrument. */
export interface Instrument {
  readonly name: string;
  /** Last valid day of its calibration, `2027-03-01`; null: none. */
  readonly calibratedUntil: string | null;
}

/** Separator between an instrument’s name and its calibration date. */
export const UNTIL = ', calibrated until ';
/** Written form of a date. */
export const DAY = /^\d{4}-\d\d-\d\d$/;

/** An instrument's name as stored with a reading: with the calibration date at the time. */
export const instrumentWords = ({ name, calibratedUntil }: Instrument): string =>
  calibratedUntil === null ? name : `${name}${UNTIL}${calibratedUntil}`;

/** Calibration date in a stored instrument name; null if none. */
const calibratedUntil = (words: string): string | null => {
  const day = words.split(UNTIL)[1] ?? '';
  return DAY.test(day) ? day : null;
};

/** Whether an instrument's calibration has expired on a date. */
export const isCalibrationOver = (words: string, atISO: string): boolean => {
  const until = calibratedUntil(words);
  return until !== null && atISO.slice(0, 10) > until;
};

/** Instruments with expired calibration among the readings, in words. */
export const endedCalibrations = (readings: readonly Pick<Reading, 'instrument' | 'at'>[]): string[] =>
  [
    ...new Set(
      readings.filter(({ instrument, at }) => isCalibrationOver(instrument, at)).map((each) => each.instrument),
    ),
  ].map((words) => `Read with an instrument out of calibration: ${words}.`);
