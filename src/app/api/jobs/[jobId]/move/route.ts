import { jobRoute, missing } from '@/server/http/respond';
import { moveSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { moveJob } from '@/server/repositories/jobs';

export const POST = jobRoute(
  'move job',
  withBody(moveSchema, 1000, async ({ action, author = '' }, _request, jobId) =>
    (await moveJob(jobId, action, author)) ? Response.json({ ok: true }) : missing(),
  ),
);
