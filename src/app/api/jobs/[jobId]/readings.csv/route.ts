import { readingsCsv } from '@/core/formats/readings-csv';
import { jobName } from '@/core/job/job-name';
import { download, jobRoute, missing } from '@/server/http/respond';
import { getJob } from '@/server/repositories/jobs';

export const GET = jobRoute('export readings', 'see', async (_request, { jobId, scope }) => {
  const job = await getJob(scope, jobId);
  if (!job) return missing();
  return download(
    `${readingsCsv(job.document.facts, job, job.document.confirmed)}\r\n`,
    'text/csv; charset=utf-8',
    `${jobName(job.document.facts)} readings`,
    'csv',
  );
});
