import { randomUUID } from 'node:crypto';
import type { HandoverRecord } from '../../core/handover/record';
import type { KeptHandover } from '../../core/handover/record-schema';
import type { Imported } from '../../core/job/stored-job';
import { coreVersion } from '../core-version';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { importedColumns, importedOf } from './imported-columns';

/** Stores the record of a job, in its handover transaction. */
export const keepHandover = async (jobId: string, record: HandoverRecord, author: string, at: Date): Promise<void> => {
  await models().HandoverRow.create({
    jobId,
    id: randomUUID(),
    handedOverAt: at,
    author,
    coreVersion: coreVersion(),
    record,
    ...importedColumns(null),
  });
};

/** Imports handover records as printed elsewhere, with their origin: not signed here. */
export const addHandovers = async (
  jobId: string,
  handovers: readonly KeptHandover[],
  imported: Imported,
): Promise<void> => {
  await models().HandoverRow.bulkCreate(
    handovers.map(({ id, handedOverAt, author, coreVersion: version, record }) => ({
      jobId,
      id: id.toLowerCase(),
      handedOverAt: new Date(Math.min(Date.parse(handedOverAt), Date.parse(imported.at))),
      author,
      coreVersion: version,
      record,
      ...importedColumns(imported),
    })),
    { ignoreDuplicates: true },
  );
};

/** Every handover record of a job, as printed then; latest first. */
export const handoversOf = (scope: CrewScope, jobId: string): Promise<KeptHandover[]> =>
  inCrew(scope, async () => {
    const rows = await models().HandoverRow.findAll({ where: { jobId }, order: [['handedOverAt', 'DESC']] });
    return rows.map((row) => {
      const imported = importedOf(row);
      return {
        id: row.id,
        handedOverAt: row.handedOverAt.toISOString(),
        author: row.author,
        coreVersion: row.coreVersion,
        record: row.record,
        ...(imported && { imported }),
      };
    });
  });
