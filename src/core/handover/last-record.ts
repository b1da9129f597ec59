import type { Moment } from '../control/moment';
import { earlierReadings } from '../job/earlier-visit';
import type { StoredJob } from '../job/stored-job';
import { lastMarks, lastReadings, lastVisit } from '../job/visits';
import { type HandoverRecord, handoverRecord, type RecordSource } from './record';

/** What the record of a job's last visit is made of. */
const lastSource = (job: StoredJob): RecordSource => ({
  facts: job.document.facts,
  confirmed: new Set(job.document.confirmed),
  readings: lastReadings(job),
  everyReading: job.readings,
  settingMarks: lastMarks(job),
  visit: lastVisit(job.visits),
  earlier: earlierReadings(job, lastVisit(job.visits)),
  imported: job.imported,
});

/** The record of a job's last visit as it would be printed now: what is signed when the job is handed over. */
export const lastRecord = (job: StoredJob, moment: Moment): HandoverRecord => handoverRecord(lastSource(job), moment);
