import { jobRoute, missing } from '@/server/http/respond';
import { jobBundle } from '@/server/job-bundle';

/** Everything that a device saves for offline of a job. */
export const GET = jobRoute('save for offline', 'see', async (_request, { jobId, principal, scope }) => {
  const along = await jobBundle(scope, principal, jobId);
  return along ? Response.json(along) : missing();
});
