import type { SettingMark } from '@/core/job/setting-marks';
import { jobRoute, missing } from '@/server/http/respond';
import { marksSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { addSettingMarks } from '@/server/repositories/setting-marks';

export const POST = jobRoute(
  'add setting marks',
  withBody(marksSchema, 200_000, async ({ marks }, _request, jobId) => {
    const isAdded = await addSettingMarks(jobId, marks as SettingMark[]);
    return isAdded ? Response.json({ saved: marks.map(({ id }) => id) }, { status: 201 }) : missing();
  }),
);
