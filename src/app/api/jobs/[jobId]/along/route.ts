import { alongOf } from '@/server/along';
import { jobRoute, missing } from '@/server/http/respond';

/** Everything that a device takes along of a job. */
export const GET = jobRoute('take along', 'see', async (_request, { jobId, principal, scope }) => {
  const along = await alongOf(scope, principal, jobId);
  return along ? Response.json(along) : missing();
});
