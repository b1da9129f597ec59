import type { HandoverRecord } from '@/core/handover/record';
import { type JobContext, jobRoute, missing, refuse } from '@/server/http/respond';
import { moveSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { handOver, moveJob, undoHandover } from '@/server/repositories/archive';
import { audit } from '@/server/repositories/audit';
import { nameOfJob } from '@/server/repositories/jobs';

/** Entries of the audit log. */
const DID = {
  archive: 'archived',
  restore: 'restored from the archive',
  delete: 'deleted',
  undelete: 'undeleted',
  'hand-over': 'handed over',
  'take-back': 'reopened after handover',
} as const;

/** The whole record is sent, as shown to the signer. */
const MAX_BYTES = 500_000;

const STALE = {
  archive: 'Someone else changed this job after you opened the list. Open it and check it before you archive it.',
  'hand-over': 'This job has changed since its record was shown to you. Check the record again, then hand it over.',
} as const;

const NOT_SHOWN =
  'What is signed is the record as it was shown, and it did not come along. Reload the page, check it, and hand it over.';

export const POST = jobRoute(
  'move job',
  'move',
  withBody(
    moveSchema,
    MAX_BYTES,
    async ({ action, printed, ...seen }, _request, context: JobContext): Promise<Response> => {
      const { jobId, principal, scope } = context;
      /** A request that changed nothing is not logged again. */
      const done = async (result: 'done' | 'already' | 'missing'): Promise<Response> => {
        if (result === 'missing') return missing();
        if (result === 'done') await audit(scope, principal.name, DID[action], await nameOfJob(scope, jobId));
        return Response.json({ ok: true });
      };
      if (action === 'take-back') return done(await undoHandover(scope, jobId, principal.name));
      if (action !== 'hand-over') {
        const moved = await moveJob(scope, jobId, action, principal.name, seen.revision);
        return moved === 'stale' ? refuse(409, STALE.archive) : done(moved);
      }
      const result = await handOver(scope, jobId, {
        ...seen,
        author: principal.name,
        printed: printed as HandoverRecord | undefined,
        mustBeShown: true,
      });
      switch (result) {
        case 'unseen':
          return refuse(409, NOT_SHOWN, 'printed');
        case 'stale':
          return refuse(409, STALE['hand-over']);
        case 'makeshift':
          return refuse(
            409,
            'A temporary overnight setup is still in place. Put everything back (list on Diagnose), then hand over.',
          );
        case 'stopped':
          return refuse(
            409,
            'Something stops the work on this job. It can be signed only as shut off and tagged, acknowledged by a crew lead.',
          );
        default:
          return done(result);
      }
    },
  ),
);
