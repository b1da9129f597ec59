import { JOB_FILE_VERSION, withFact } from '../job/document';
import { NO_HISTORY } from '../job/stored-job';
import type { Family } from '../wiring/families';
import { type JobFile, toJobFile } from './job-file';

/** Common prefix of family file ids; the rest counts. */
const ID_HEAD = '5b0c6c1e-77aa-4d1e-8f30-';

/** A family as a job file that carries its name. */
export const familyFile = ({ id, facts }: Family, at: number): JobFile =>
  toJobFile(
    `${ID_HEAD}${(at + 1).toString(16).padStart(12, '0')}`,
    { fileVersion: JOB_FILE_VERSION, facts: withFact(facts, 'site.jobName', id), confirmed: [] },
    NO_HISTORY,
    null,
  );
