import { randomUUID } from 'node:crypto';
import { completeMark } from '@/core/job/setting-mark-schema';
import { completeVisit } from '@/core/job/visit-schema';
import { jobRoute, missing } from '@/server/http/respond';
import { marksSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { addToJob } from '@/server/repositories/add-to-job';

export const POST = jobRoute(
  'add setting marks',
  withBody(marksSchema, 400_000, async ({ marks, visits = [], sentAt = null }, _request, jobId) => {
    const unknown = randomUUID();
    const landed = await addToJob(jobId, 'settingMarks', {
      rows: marks.map((mark) => completeMark(mark, unknown)),
      visits: visits.map(completeVisit),
      sentAt,
    });
    if (!landed) return missing();
    return Response.json(
      { saved: marks.map(({ id }) => id), rows: landed.rows, visits: landed.visits },
      { status: 201 },
    );
  }),
);
