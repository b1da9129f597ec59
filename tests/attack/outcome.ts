import { GET as getJob } from '@/app/api/jobs/[jobId]/route';
import { testRequest } from '@/server/http/test-request';

/** What came of one try. */
export type Outcome = 'taken' | 'refused';

/** The context of a route below a job. */
export const at = (jobId: string) => ({ params: Promise.resolve({ jobId }) });

/** An answer of a route as an outcome; one of the server's own faults is a crash. */
export const outcomeOf = (response: Response): Outcome => {
  if (response.status >= 500) throw new Error(`answered ${response.status}`);
  return response.status < 300 ? 'taken' : 'refused';
};

/** What was acknowledged is read back and compared; what is not there is lost. */
export class Lost extends Error {}
export const mustHold = (what: string, holds: boolean) => {
  if (!holds) throw new Lost(what);
};
/** A job as it is stored. */
export const stored = async (id: string) => (await getJob(testRequest(), at(id))).json();
