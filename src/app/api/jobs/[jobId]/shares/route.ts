import { shareEndSchema, shareSchema } from '@/server/http/access-schemas';
import { type JobContext, jobRoute, missing } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { nameOfJob } from '@/server/repositories/jobs';
import { endShare, listShares, makeShare } from '@/server/repositories/shares';

export const GET = jobRoute('list shares', 'share', async (_request, { jobId, scope }) => {
  const shares = await listShares(scope, jobId);
  return shares ? Response.json({ shares }) : missing();
});

/** Creates a homeowner link. */
export const POST = jobRoute(
  'share',
  'share',
  withBody(shareSchema, 1000, async ({ days }, _request, { jobId, principal, scope }: JobContext) => {
    const token = await makeShare(scope, jobId, days, principal.name);
    if (!token) return missing();
    await audit(scope, principal.name, `made a ${days}-day homeowner link for`, await nameOfJob(scope, jobId));
    return Response.json({ path: `/shared/${token}` }, { status: 201 });
  }),
);

/** Ends a homeowner link. */
export const DELETE = jobRoute(
  'end share',
  'share',
  withBody(shareEndSchema, 1000, async ({ share }, _request, { jobId, principal, scope }: JobContext) => {
    if (!(await endShare(scope, jobId, share.toLowerCase()))) return missing();
    await audit(scope, principal.name, 'turned off a homeowner link for', await nameOfJob(scope, jobId));
    return Response.json({ ok: true });
  }),
);
