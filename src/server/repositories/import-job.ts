import { documentOf, type JobFile } from '../../core/formats/job-file';
import { type JobDocument, renamed } from '../../core/job/document';
import { copyName, jobName } from '../../core/job/job-name';
import type { Imported } from '../../core/job/stored-job';
import { historyNoLaterThan } from '../../core/job/visits';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { audit } from './audit';
import { addHandovers } from './handovers';
import { insertJob } from './jobs';
import { rememberSave, savedBefore } from './saves';

/** A job file to import, by whom, and the id to use if its own is taken. */
export interface JobImport {
  readonly file: JobFile;
  readonly copyId: string;
  readonly by: string;
}

/** Result of an import. */
export type ImportResult =
  | { readonly kind: 'landed'; readonly id: string; readonly name: string; readonly isCopy: boolean }
  /** It landed before and was deleted since. */
  | { readonly kind: 'deleted' }
  /** Both ids are taken by jobs of the crew; nothing was written. */
  | { readonly kind: 'taken' };

const hasHistory = ({ readings, settingMarks, visits, handovers }: JobFile): boolean =>
  readings.length + settingMarks.length + visits.length + handovers.length > 0;

/**
 * Imports a job file under its own id, or as a copy if that is taken. The copy's id identifies the import: sent again,
 * it returns the same import; several simultaneous imports with one id are all stored, one as itself and the others as
 * copies. Records signed elsewhere are marked so.
 */
export const importJob = (scope: CrewScope, { file, copyId, by }: JobImport): Promise<ImportResult> =>
  inCrew(scope, async (): Promise<ImportResult> => {
    const name = { kind: 'import', subject: '', saveId: copyId } as const;
    // Of two simultaneous imports with one name, the second waits here for the first.
    await models().sequelize.query('SELECT pg_advisory_xact_lock(hashtextextended(:name, 0))', {
      replacements: { name: `import ${copyId.toLowerCase()}` },
    });
    const ids = { own: file.id.toLowerCase(), copy: copyId.toLowerCase() };
    const landedAs = async (id: string): Promise<ImportResult> => {
      const job = await models().JobRow.findOne({ where: { id, deletedAt: null }, attributes: ['name'] });
      return job ? { kind: 'landed', id, name: job.name, isCopy: id !== ids.own } : { kind: 'deleted' };
    };
    const earlier = await savedBefore(name);
    if (earlier) return landedAs(earlier.result!);
    const receivedMs = Date.now();
    const document = documentOf(file);
    const called = jobName(document.facts);
    const imported: Imported = { at: new Date(receivedMs).toISOString(), by, from: `Job file “${called}”` };
    const history = historyNoLaterThan(file, receivedMs);
    const handedOverAt =
      file.handedOverAt && new Date(Math.min(Date.parse(file.handedOverAt), receivedMs)).toISOString();
    const insert = (id: string, as: JobDocument) =>
      insertJob(id, as, history, handedOverAt, by, hasHistory(file) ? imported : null);
    const id = (await insert(ids.own, document))
      ? ids.own
      : (await insert(ids.copy, renamed(document, copyName(document.facts))))
        ? ids.copy
        : null;
    if (id === null) return { kind: 'taken' };
    await addHandovers(id, file.handovers, imported);
    await rememberSave(name, id);
    await audit(scope, by, 'imported', called);
    return landedAs(id);
  });
