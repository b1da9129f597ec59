import { AUDIT_CSV_HEAD, auditCsvLines } from '@/core/formats/audit-csv';
import type { CrewScope } from '@/server/crew';
import { route, streamed } from '@/server/http/respond';
import { wholeAudit } from '@/server/repositories/audit';

async function* csvOf(scope: CrewScope): AsyncGenerator<string, void, void> {
  yield AUDIT_CSV_HEAD;
  for await (const lines of wholeAudit(scope)) yield auditCsvLines(lines);
}

/** Everything done in the crew, oldest first. */
export const GET = route('export audit', 'audit', async (_request, { scope }) =>
  streamed(csvOf(scope), {
    'Content-Type': 'text/csv; charset=utf-8',
    'Content-Disposition': 'attachment; filename="what-was-done.csv"',
  }),
);
