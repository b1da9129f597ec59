import type { Reading } from '../job/reading';

/** An instrument of a crew. */
export interface Instrument {
  readonly name: string;
  /** The last day on which its calibration holds, `2027-03-01`; null: it has none. */
  readonly calibratedUntil: string | null;
}

/** What is between an instrument’s name and the last day of its calibration. */
export const UNTIL = ', calibrated until ';
/** A day as it is written. */
export const DAY = /^\d{4}-\d\d-\d\d$/;

/** An instrument as set now next to a reading: with the day on which its calibration ends, as it was then. */
export const instrumentWords = ({ name, calibratedUntil }: Instrument): string =>
  calibratedUntil === null ? name : `${name}${UNTIL}${calibratedUntil}`;

/** The last day of an instrument's calibration, of what stands next to a reading; null where none is said. */
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
  ].map((words) => `Read with an instrument out of calibration: ${words}.`);
