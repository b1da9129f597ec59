import { auditCsv } from '@/core/formats/audit-csv';
import { download, route } from '@/server/http/respond';
import { listAudit } from '@/server/repositories/audit';

export const GET = route('export audit', 'audit', async (_request, { scope }) =>
  download(`${auditCsv(await listAudit(scope))}\r\n`, 'text/csv; charset=utf-8', 'what was done', 'csv'),
);
