import { JOB_FILE_VERSION } from '../job/document';
import type { Sample } from '../samples/sample';
import { type JobFile, toJobFile } from './job-file';

/** A sample as a job file. */
export const sampleFile = ({
  fileId,
  facts,
  confirmed,
  readings,
  settingMarks = [],
  visits,
  handedOverAt,
}: Sample): JobFile =>
  toJobFile(
    fileId,
    { fileVersion: JOB_FILE_VERSION, facts, confirmed },
    { readings, settingMarks, visits },
    handedOverAt,
  );
