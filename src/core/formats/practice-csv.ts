import Papa from 'papaparse';
import type { Played } from '../practice/progress';
import { FORMULA_CELL } from './csv-cell';

/** Rounds that somebody played as CSV, a line for each. */
export const practiceCsv = (played: readonly Played[]): string =>
  Papa.unparse(
    {
      fields: [
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
      ],
      data: played.map((each) => [
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
      ]),
    },
    { newline: '\r\n', escapeFormulae: FORMULA_CELL },
  );
