import { jobFileProblem, toJobFile } from '../../core/formats/job-file';
import type { StoredJob } from '../../core/job/stored-job';
import type { CrewScope } from '../crew';
import { handoversOf } from './handovers';

/** A job has no room for more: what it holds must go out as one file that comes back. Its message says what to do. */
export class JobFull extends Error {}

/** So few rows are never too many: their records are not asked for. */
const NEVER_FULL = 500;

/** What would keep a job from going out as a file that comes back whole, in words; null where nothing does. */
export const fileProblem = async (scope: CrewScope, job: StoredJob, moreRecords = 0): Promise<string | null> => {
  if (moreRecords === 0 && job.readings.length + job.settingMarks.length + job.visits.length < NEVER_FULL) return null;
  const records = await handoversOf(scope, job.id);
  const file = toJobFile(job.id, job.document, job, job.handedOverAt, records);
  return jobFileProblem(
    moreRecords === 0 ? file : { ...file, handovers: [...records, ...records.slice(0, moreRecords)] },
  );
};
