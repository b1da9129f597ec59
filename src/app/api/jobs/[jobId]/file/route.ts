import { toJobFile } from '@/core/formats/job-file';
import { jobName } from '@/core/job/job-name';
import { download, jobRoute, missing } from '@/server/http/respond';
import { handoversOf } from '@/server/repositories/handovers';
import { getJob } from '@/server/repositories/jobs';

export const GET = jobRoute('export job', 'see', async (_request, { jobId, scope }) => {
  const job = await getJob(scope, jobId);
  if (!job) return missing();
  const file = toJobFile(job.id, job.document, job, job.handedOverAt, await handoversOf(scope, jobId));
  return download(`${JSON.stringify(file, null, 2)}\n`, 'application/json', jobName(job.document.facts), 'json');
});
