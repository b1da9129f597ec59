import { parseWith } from '@/core/border/parse';
import type { SettingMark } from '@/core/job/setting-marks';
import { readBodyJson } from '@/server/http/read-body';
import { jobRoute, missing, refuse } from '@/server/http/respond';
import { marksSchema } from '@/server/http/schemas';
import { addSettingMarks } from '@/server/repositories/setting-marks';

export const POST = jobRoute('add setting marks', async (request, jobId) => {
  const body = await readBodyJson(request, 200_000);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(marksSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  const isAdded = await addSettingMarks(jobId, parsed.value.marks as SettingMark[]);
  return isAdded ? Response.json({ saved: parsed.value.marks.map(({ id }) => id) }, { status: 201 }) : missing();
});
