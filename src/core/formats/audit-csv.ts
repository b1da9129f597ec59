import Papa from 'papaparse';
import { FORMULA_CELL } from './csv-cell';

/** Who did what to what in a crew, as CSV: a line for each thing done. */
export const auditCsv = (
  lines: readonly { readonly at: string; readonly person: string; readonly did: string; readonly subject: string }[],
): string =>
  Papa.unparse(
    {
      fields: ['time', 'person', 'did', 'what'],
      data: lines.map(({ at, person, did, subject }) => [at, person, did, subject]),
    },
    { newline: '\r\n', escapeFormulae: FORMULA_CELL },
  );
