import { randomUUID } from 'node:crypto';
import { completeReading } from '@/core/job/reading-schema';
import { completeVisit } from '@/core/job/visit-schema';
import { jobRoute, missing } from '@/server/http/respond';
import { readingsSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { addToJob } from '@/server/repositories/add-to-job';

export const POST = jobRoute(
  'add readings',
  withBody(readingsSchema, 400_000, async ({ readings, visits = [], sentAt = null }, _request, jobId) => {
    // What names no visit, as an older client's, is placed by its time.
    const unknown = randomUUID();
    const landed = await addToJob(jobId, 'readings', {
      rows: readings.map((reading) => completeReading(reading, unknown)),
      visits: visits.map(completeVisit),
      sentAt,
    });
    if (!landed) return missing();
    return Response.json(
      { saved: readings.map(({ id }) => id), rows: landed.rows, visits: landed.visits },
      { status: 201 },
    );
  }),
);
