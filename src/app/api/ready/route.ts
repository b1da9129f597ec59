import { isReady, readiness } from '@/server/health';
import { openRoute } from '@/server/http/respond';

export const dynamic = 'force-dynamic';

/** Whether the database answers, can be written to and has the current schema: 200, else 503. */
export const GET = openRoute('ready', async () => {
  const state = await readiness();
  return Response.json(state, { status: isReady(state) ? 200 : 503 });
});
