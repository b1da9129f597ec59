import { parseWith } from '@/core/border/parse';
import type { FactChange } from '@/core/job/document';
import { readBodyJson } from '@/server/http/read-body';
import { jobRoute, missing, refuse } from '@/server/http/respond';
import { saveSchema } from '@/server/http/schemas';
import { getJob, saveJob } from '@/server/repositories/jobs';

const MAX_BYTES = 200_000;

export const GET = jobRoute('get job', async (_request, jobId) => {
  const job = await getJob(jobId);
  return job ? Response.json(job) : missing();
});

export const PATCH = jobRoute('save job', async (request, jobId) => {
  const body = await readBodyJson(request, MAX_BYTES);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(saveSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  const { saveId, baseRevision, changes, author = '' } = parsed.value;
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
});
