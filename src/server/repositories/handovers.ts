import { randomUUID } from 'node:crypto';
import { earlierReadings } from '@/core/job/earlier-visit';
import type { Moment } from '../../core/control/moment';
import { type HandoverRecord, handoverRecord, type RecordSource } from '../../core/handover/record';
import type { KeptHandover } from '../../core/handover/record-schema';
import type { StoredJob } from '../../core/job/stored-job';
import { lastMarks, lastReadings, lastVisit } from '../../core/job/visits';
import { coreVersion } from '../core-version';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';

/** What the record of a job's last visit is made of. */
const lastSource = (job: StoredJob): RecordSource => ({
  facts: job.document.facts,
  confirmed: new Set(job.document.confirmed),
  readings: lastReadings(job),
  everyReading: job.readings,
  settingMarks: lastMarks(job),
  visit: lastVisit(job.visits),
  earlier: earlierReadings(job, lastVisit(job.visits)),
});

/** The record of a job's last visit as it would be printed now. */
export const recordOf = (job: StoredJob, moment: Moment): HandoverRecord => handoverRecord(lastSource(job), moment);

/** Keeps the record of a job, in the transaction in which it is handed over. */
export const keepHandover = async (jobId: string, record: HandoverRecord, author: string, at: Date): Promise<void> => {
  await models().HandoverRow.create({
    jobId,
    id: randomUUID(),
    handedOverAt: at,
    author,
    coreVersion: coreVersion(),
    record,
  });
};

/** Brings in records that were handed over elsewhere, as they were printed there. */
export const addHandovers = async (jobId: string, handovers: readonly KeptHandover[]): Promise<void> => {
  await models().HandoverRow.bulkCreate(
    handovers.map(({ id, handedOverAt, ...rest }) => ({
      ...rest,
      jobId,
      id: id.toLowerCase(),
      handedOverAt: new Date(handedOverAt),
    })),
    { ignoreDuplicates: true },
  );
};

/** Every record of a job that was handed over, as it was printed then; the last one first. */
export const handoversOf = (scope: CrewScope, jobId: string): Promise<KeptHandover[]> =>
  inCrew(scope, async () => {
    const rows = await models().HandoverRow.findAll({ where: { jobId }, order: [['handedOverAt', 'DESC']] });
    return rows.map(({ id, handedOverAt, author, coreVersion: version, record }) => ({
      id,
      handedOverAt: handedOverAt.toISOString(),
      author,
      coreVersion: version,
      record,
    }));
  });
