import Papa from 'papaparse';
import type { PersonPlayed, Played } from '../practice/progress';
import { FORMULA_CELL } from './csv-cell';

const FIELDS = [
  'ended',
  'round',
  'seed',
  'endless',
  'result',
  'seconds',
  'best line seconds',
  'readings',
  'best line readings',
  'readings that told nothing',
];

const cellsOf = (each: Played) => [
  each.at,
  each.title,
  each.seed,
  each.isEndless ? 'yes' : 'no',
  each.result,
  each.seconds,
  each.bestSeconds,
  each.readings,
  each.bestReadings,
  each.toldNothing,
];

const csv = (fields: readonly string[], data: readonly (readonly (string | number)[])[]): string =>
  Papa.unparse(
    { fields: [...fields], data: data.map((row) => [...row]) },
    { newline: '\r\n', escapeFormulae: FORMULA_CELL },
  );

/** A person's practice rounds as CSV, one line each. */
export const practiceCsv = (played: readonly Played[]): string => csv(FIELDS, played.map(cellsOf));

/** A crew's practice rounds as CSV, one line each, by person. */
export const crewPracticeCsv = (people: readonly PersonPlayed[]): string =>
  csv(
    ['person', ...FIELDS],
    people.flatMap(({ name, played }) => played.map((each) => [name, ...cellsOf(each)])),
  );
