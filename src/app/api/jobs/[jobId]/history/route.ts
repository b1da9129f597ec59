import { isFactPath } from '@/core/job/document';
import { jobRoute, missing, refuse } from '@/server/http/respond';
import { factHistory } from '@/server/repositories/fact-history';

/** Every change of a fact: who, when, from, to. */
export const GET = jobRoute('fact history', 'see', async (request, { jobId, scope }) => {
  const path = new URL(request.url).searchParams.get('fact') ?? '';
  if (!isFactPath(path)) return refuse(400, 'is not the path of a fact', 'fact');
  const changes = await factHistory(scope, jobId, path);
  return changes ? Response.json({ changes }) : missing();
});
