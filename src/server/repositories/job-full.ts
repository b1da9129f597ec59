import { jobFileProblem, toJobFile } from '../../core/formats/job-file';
import type { StoredJob } from '../../core/job/stored-job';
import type { CrewScope } from '../crew';
import { handoversOf } from './handovers';

/** A job is full: its content must fit one exportable file. The message says what to do. */
export class JobFull extends Error {}

/** So few rows never exceed the limit: records are not counted. */
const NEVER_FULL = 500;

/** What would prevent a job's export and import, in words; null if nothing. */
export const fileProblem = async (scope: CrewScope, job: StoredJob, moreRecords = 0): Promise<string | null> => {
  if (moreRecords === 0 && job.readings.length + job.settingMarks.length + job.visits.length < NEVER_FULL) return null;
  const records = await handoversOf(scope, job.id);
  const file = toJobFile(job.id, job.document, job, job.handedOverAt, records);
  return jobFileProblem(
    moreRecords === 0 ? file : { ...file, handovers: [...records, ...records.slice(0, moreRecords)] },
  );
};
