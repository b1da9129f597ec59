import { completeReading } from '@/core/job/reading-schema';
import { addRows } from '@/server/http/add-rows';
import { type JobContext, jobRoute } from '@/server/http/respond';
import { readingsSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';

export const POST = jobRoute(
  'add readings',
  'read',
  withBody(readingsSchema, 400_000, ({ readings, ...fromDevice }, _request, { jobId, ...asking }: JobContext) =>
    addRows(asking, jobId, 'readings', readings, completeReading, fromDevice),
  ),
);
