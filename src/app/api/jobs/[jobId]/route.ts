import type { FactChange } from '@/core/job/document';
import { SAVED_SINCE } from '@/core/sync/job/landing';
import { type JobContext, jobRoute, missing } from '@/server/http/respond';
import { saveSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { getJob } from '@/server/repositories/jobs';
import { saveJob } from '@/server/repositories/save-job';

const MAX_BYTES = 200_000;

export const GET = jobRoute('get job', 'see', async (_request, { jobId, scope }) => {
  const job = await getJob(scope, jobId);
  return job ? Response.json(job) : missing();
});

export const PATCH = jobRoute(
  'save job',
  'change',
  withBody(
    saveSchema,
    MAX_BYTES,
    async ({ saveId, baseRevision, changes }, _request, { jobId, principal, scope }: JobContext) => {
      const result = await saveJob(scope, jobId, {
        saveId,
        baseRevision,
        changes: changes as FactChange[],
        author: principal.name,
      });
      switch (result.kind) {
        case 'missing':
          return missing();
        case 'stale':
          return Response.json(
            {
              error: SAVED_SINCE,
              path: '',
              job: result.job,
            },
            { status: 409 },
          );
        case 'saved':
          return Response.json(result.job);
      }
    },
  ),
);
