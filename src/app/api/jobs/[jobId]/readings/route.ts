import type { Reading } from '@/core/job/reading';
import { jobRoute, missing } from '@/server/http/respond';
import { readingsSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { addReadings } from '@/server/repositories/readings';

export const POST = jobRoute(
  'add readings',
  withBody(readingsSchema, 200_000, async ({ readings }, _request, jobId) => {
    const isAdded = await addReadings(jobId, readings as Reading[]);
    return isAdded ? Response.json({ saved: readings.map(({ id }) => id) }, { status: 201 }) : missing();
  }),
);
