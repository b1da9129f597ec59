import type { FactChange } from '@/core/job/document';
import { jobRoute, missing } from '@/server/http/respond';
import { saveSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { getJob, saveJob } from '@/server/repositories/jobs';

const MAX_BYTES = 200_000;

export const GET = jobRoute('get job', async (_request, jobId) => {
  const job = await getJob(jobId);
  return job ? Response.json(job) : missing();
});

export const PATCH = jobRoute(
  'save job',
  withBody(saveSchema, MAX_BYTES, async ({ saveId, baseRevision, changes, author = '' }, _request, jobId) => {
    const result = await saveJob(jobId, { saveId, baseRevision, changes: changes as FactChange[], author });
    switch (result.kind) {
      case 'missing':
        return missing();
      case 'stale':
        return Response.json(
          {
            error: 'Somebody saved this job since you opened it. Nothing was overwritten; choose which values hold.',
            path: '',
            job: result.job,
          },
          { status: 409 },
        );
      case 'saved':
        return Response.json(result.job);
    }
  }),
);
