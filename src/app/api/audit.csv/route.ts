import Papa from 'papaparse';
import { FORMULA_CELL } from '@/core/formats/csv-cell';
import { download, route } from '@/server/http/respond';
import { listAudit } from '@/server/repositories/audit';

export const GET = route('export audit', 'audit', async (_request, { scope }) => {
  const rows = (await listAudit(scope)).map(({ at, person, did, subject }) => [at, person, did, subject]);
  const lines = Papa.unparse(
    { fields: ['time', 'person', 'did', 'what'], data: rows },
    { newline: '\r\n', escapeFormulae: FORMULA_CELL },
  );
  return download(`${lines}\r\n`, 'text/csv; charset=utf-8', 'what was done', 'csv');
});
