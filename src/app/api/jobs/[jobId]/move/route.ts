import { jobRoute, missing, refuse } from '@/server/http/respond';
import { moveSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { handOver, moveJob, takeBack } from '@/server/repositories/shelf';

const done = (isDone: boolean): Response => (isDone ? Response.json({ ok: true }) : missing());

export const POST = jobRoute(
  'move job',
  withBody(moveSchema, 1000, async ({ action, author = '', ...seen }, _request, jobId) => {
    if (action === 'take-back') return done(await takeBack(jobId, author));
    if (action !== 'hand-over') return done(await moveJob(jobId, action, author));
    const result = await handOver(jobId, { author, ...seen });
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
