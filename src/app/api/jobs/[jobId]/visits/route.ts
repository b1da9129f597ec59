import { completeVisit } from '@/core/job/visit-schema';
import { jobRoute, missing } from '@/server/http/respond';
import { visitBodySchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { putVisit } from '@/server/repositories/visits';

/** Begins a visit, or says otherwise why somebody came and when it ended. */
export const PUT = jobRoute(
  'put visit',
  withBody(visitBodySchema, 2000, async ({ visit }, _request, jobId) => {
    const visits = await putVisit(jobId, completeVisit(visit));
    return visits ? Response.json({ visits }) : missing();
  }),
);
