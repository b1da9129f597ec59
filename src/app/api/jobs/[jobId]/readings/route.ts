import { completeReading } from '@/core/job/reading-schema';
import { ACKNOWLEDGED_ITEM } from '@/core/startup/shut-off';
import { addRows } from '@/server/http/add-rows';
import { type JobContext, jobRoute, refuse } from '@/server/http/respond';
import { readingsSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';

export const POST = jobRoute(
  'add readings',
  'read',
  withBody(readingsSchema, 400_000, async ({ readings, ...fromDevice }, _request, { jobId, ...asking }: JobContext) =>
    asking.principal.role !== 'lead' && readings.some(({ item }) => item === ACKNOWLEDGED_ITEM)
      ? refuse(403, 'Only a crew lead can acknowledge a system that was shut off and tagged.')
      : addRows(asking, jobId, 'readings', readings, completeReading, fromDevice),
  ),
);
