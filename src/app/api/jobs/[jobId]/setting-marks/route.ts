import { completeMark } from '@/core/job/setting-mark-schema';
import { addRows } from '@/server/http/add-rows';
import { jobRoute } from '@/server/http/respond';
import { marksSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';

export const POST = jobRoute(
  'add setting marks',
  withBody(marksSchema, 400_000, ({ marks, ...fromDevice }, _request, jobId) =>
    addRows(jobId, 'settingMarks', marks, completeMark, fromDevice),
  ),
);
