import { parseWith } from '@/core/border/parse';
import type { Reading } from '@/core/job/reading';
import { readBodyJson } from '@/server/http/read-body';
import { jobRoute, missing, refuse } from '@/server/http/respond';
import { readingsSchema } from '@/server/http/schemas';
import { addReadings } from '@/server/repositories/readings';

export const POST = jobRoute('add readings', async (request, jobId) => {
  const body = await readBodyJson(request, 200_000);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(readingsSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  const isAdded = await addReadings(jobId, parsed.value.readings as Reading[]);
  return isAdded ? Response.json({ saved: parsed.value.readings.map(({ id }) => id) }, { status: 201 }) : missing();
});
