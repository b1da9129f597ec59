import { documentOf, type JobFile } from '../../core/formats/job-file';
import { type JobDocument, renamed } from '../../core/job/document';
import { copyName } from '../../core/job/job-name';
import type { StoredJob } from '../../core/job/stored-job';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import { addHandovers } from './handovers';
import { getJob, insertJob } from './jobs';
import { landed, remember } from './saves';

/** A job file to be brought in, and the id under which it lands where its own is taken. */
export interface Import {
  readonly file: JobFile;
  readonly copyId: string;
}

/**
 * Brings in a job file: under its own id, or as a copy where that is taken. The copy's id names the import: sent again,
 * it is the import that landed; several at once under one id all land, one as itself and the others as copies.
 */
export const importJob = (
  scope: CrewScope,
  { file, copyId }: Import,
): Promise<{ job: StoredJob; isCopy: boolean } | null> =>
  inCrew(scope, async () => {
    const name = { kind: 'import', subject: '', saveId: copyId } as const;
    // Of two that are sent at once under one name, the second waits here until the first has landed.
    await models().sequelize.query('SELECT pg_advisory_xact_lock(hashtextextended(:name, 0))', {
      replacements: { name: `import ${copyId.toLowerCase()}` },
    });
    const earlier = await landed(name);
    const document = documentOf(file);
    const insert = (id: string, as: JobDocument) => insertJob(id, as, file, file.handedOverAt, 'import');
    const ids = { own: file.id.toLowerCase(), copy: copyId.toLowerCase() };
    const landsAt = async () => {
      if (await insert(ids.own, document)) return ids.own;
      await insert(ids.copy, renamed(document, copyName(document.facts)));
      return ids.copy;
    };
    const id = earlier?.result ?? (await landsAt());
    if (!earlier) {
      await addHandovers(id, file.handovers);
      await remember(name, id);
    }
    const job = await getJob(scope, id);
    return job && { job, isCopy: id !== ids.own };
  });
