import type { Moment } from '../control/moment';
import { earlierReadings } from '../job/earlier-visit';
import type { StoredJob } from '../job/stored-job';
import { lastMarks, lastReadings, lastVisit } from '../job/visits';
import { type HandoverRecord, handoverRecord, type RecordSource } from './record';

/** Source data for the record of a job's last visit. */
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

/** The record of a job's last visit as it would print now; handover signs this. */
export const lastRecord = (job: StoredJob, moment: Moment): HandoverRecord => handoverRecord(lastSource(job), moment);
