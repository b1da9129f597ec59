import { jobRoute, missing } from '@/server/http/respond';
import { jobBundle } from '@/server/job-bundle';

/** Everything a device saves of a job for offline use. */
export const GET = jobRoute('save for offline', 'see', async (_request, { jobId, principal, scope }) => {
  const along = await jobBundle(scope, principal, jobId);
  return along ? Response.json(along) : missing();
});
