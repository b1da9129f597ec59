import { completeVisit } from '@/core/job/visit-schema';
import { type JobContext, jobRoute, missing } from '@/server/http/respond';
import { visitBodySchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { putVisit } from '@/server/repositories/visits';

/** Begins a visit, or changes its reason or end. */
export const PUT = jobRoute(
  'put visit',
  'read',
  withBody(visitBodySchema, 2000, async ({ visit }, _request, { jobId, principal, scope }: JobContext) => {
    const visits = await putVisit(scope, jobId, { ...completeVisit(visit), author: principal.name });
    return visits ? Response.json({ visits }) : missing();
  }),
);
