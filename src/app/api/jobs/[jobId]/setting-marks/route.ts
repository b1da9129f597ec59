import { completeMark } from '@/core/job/setting-mark-schema';
import { addRows } from '@/server/http/add-rows';
import { type JobContext, jobRoute } from '@/server/http/respond';
import { marksSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';

export const POST = jobRoute(
  'add setting marks',
  'read',
  withBody(marksSchema, 400_000, ({ marks, ...fromDevice }, _request, { jobId, ...asking }: JobContext) =>
    addRows(asking, jobId, 'settingMarks', marks, completeMark, fromDevice),
  ),
);
