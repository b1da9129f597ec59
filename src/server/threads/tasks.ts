import type { Parsed } from '../../core/border/parse';
import { type JobFile, parseJobFileText } from '../../core/formats/job-file';
import type { StoredJob } from '../../core/job/stored-job';
import { jobOutline } from '../../core/job-list/job-outline';
import type { JobOutline } from '../../core/job-list/job-summary';

/** Tasks for threads by name, with input and output types. */
export interface Tasks {
  readonly 'job file': { readonly input: string; readonly output: Parsed<JobFile> };
  readonly outline: { readonly input: StoredJob; readonly output: JobOutline };
}

export type TaskName = keyof Tasks;

export const TASKS: { readonly [N in TaskName]: (input: Tasks[N]['input']) => Tasks[N]['output'] } = {
  'job file': parseJobFileText,
  outline: jobOutline,
};
