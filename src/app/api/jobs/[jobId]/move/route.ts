import { type JobContext, jobRoute, missing, refuse } from '@/server/http/respond';
import { moveSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { handOver, moveJob, takeBack } from '@/server/repositories/shelf';

const done = (isDone: boolean): Response => (isDone ? Response.json({ ok: true }) : missing());

export const POST = jobRoute(
  'move job',
  'move',
  withBody(moveSchema, 1000, async ({ action, ...seen }, _request, { jobId, principal, scope }: JobContext) => {
    if (action === 'take-back') return done(await takeBack(scope, jobId, principal.name));
    if (action !== 'hand-over') return done(await moveJob(scope, jobId, action, principal.name));
    const result = await handOver(scope, jobId, { ...seen, author: principal.name });
    if (result === 'stale')
      return refuse(
        409,
        'Somebody saved this job since you opened it. Reload, look at the record, and hand it over then.',
      );
    if (result === 'makeshift')
      return refuse(409, 'Something set for a night is not put back yet. Trouble has the list; hand it over then.');
    return done(result === 'done');
  }),
);
