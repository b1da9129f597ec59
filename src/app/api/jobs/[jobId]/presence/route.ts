import { boolean, object } from 'yup';
import { type JobContext, jobRoute, missing } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { markPresent } from '@/server/repositories/company';

/** Reports the signed-in person on a job; answers with its note and who else is there. */
export const POST = jobRoute(
  'be on job',
  'see',
  withBody(
    object({ here: boolean().oneOf([true], 'must be true').required('must be given') }),
    1000,
    async (_body, _request, { jobId, principal, scope }: JobContext) => {
      const company = await markPresent(scope, jobId, principal.personId);
      return company ? Response.json(company) : missing();
    },
  ),
);
