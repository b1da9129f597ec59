import Papa from 'papaparse';
import { CONTROLLERS } from '../job/controllers';
import { inTime } from '../job/in-time';
import { MARK_KINDS, type SettingMark } from '../job/setting-marks';
import { FORMULA_CELL } from './csv-cell';

/** All setting marks of a job as CSV: one line per mark, in time order. A withdrawn value says so. */
export const settingsCsv = (marks: readonly SettingMark[]): string => {
  const data = inTime(marks).map(({ at, author, enteredBy, controller, profile, code, label, kind, value, words }) => [
    at,
    author,
    enteredBy || author,
    CONTROLLERS[controller],
    profile,
    code,
    label,
    MARK_KINDS[kind],
    value === '' ? 'taken back' : value,
    words,
  ]);
  return Papa.unparse(
    {
      fields: ['time', 'author', 'entered_by', 'controller', 'profile', 'code', 'entry', 'what', 'value', 'words'],
      data,
    },
    { newline: '\r\n', escapeFormulae: FORMULA_CELL },
  );
};
