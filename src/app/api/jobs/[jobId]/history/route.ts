import { isFactPath } from '@/core/job/document';
import { jobRoute, refuse } from '@/server/http/respond';
import { factHistory } from '@/server/repositories/fact-history';

/** Every change of a fact: who, when, from, to. */
export const GET = jobRoute('fact history', async (request, jobId) => {
  const path = new URL(request.url).searchParams.get('fact') ?? '';
  if (!isFactPath(path)) return refuse(400, 'is not the path of a fact', 'fact');
  return Response.json({ changes: await factHistory(jobId, path) });
});
