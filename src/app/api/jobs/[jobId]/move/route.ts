import { parseWith } from '@/core/border/parse';
import { readBodyJson } from '@/server/http/read-body';
import { jobRoute, missing, refuse } from '@/server/http/respond';
import { moveSchema } from '@/server/http/schemas';
import { moveJob } from '@/server/repositories/jobs';

export const POST = jobRoute('move job', async (request, jobId) => {
  const body = await readBodyJson(request, 1000);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(moveSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  const isMoved = await moveJob(jobId, parsed.value.action, parsed.value.author ?? '');
  return isMoved ? Response.json({ ok: true }) : missing();
});
