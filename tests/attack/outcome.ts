import { GET as getJob } from '@/app/api/jobs/[jobId]/route';
import { testRequest } from '@/server/http/test-request';

/** Outcome of one attempt. */
export type Outcome = 'taken' | 'refused';

/** Context of a route below a job. */
export const at = (jobId: string) => ({ params: Promise.resolve({ jobId }) });

/** A route's response as an outcome; a server error counts as a crash. */
export const outcomeOf = (response: Response): Outcome => {
  if (response.status >= 500) throw new Error(`answered ${response.status}`);
  return response.status < 300 ? 'taken' : 'refused';
};

/** Acknowledged data is read back and compared; missing data is lost. */
export class Lost extends Error {}
export const mustHold = (what: string, holds: boolean) => {
  if (!holds) throw new Lost(what);
};
/** A job as stored. */
export const stored = async (id: string) => (await getJob(testRequest(), at(id))).json();
