import { settingsCsv } from '@/core/formats/settings-csv';
import { jobName } from '@/core/job/job-name';
import { download, jobRoute, missing } from '@/server/http/respond';
import { getJob } from '@/server/repositories/jobs';

export const GET = jobRoute('export settings', 'see', async (_request, { jobId, scope }) => {
  const job = await getJob(scope, jobId);
  if (!job) return missing();
  return download(
    `${settingsCsv(job.settingMarks)}\r\n`,
    'text/csv; charset=utf-8',
    `${jobName(job.document.facts)} settings`,
    'csv',
  );
});
