import type { EnteredBy } from '@/core/access/entered-by';
import { toJobFile } from '@/core/formats/job-file';
import { applyChanges, type FactChange, type FactPath, type JobDocument, renamed } from '@/core/job/document';
import { copyName, jobName } from '@/core/job/job-name';
import { NO_HISTORY } from '@/core/job/stored-job';
import { beginJob } from '@/core/new-job/begin-job';
import { duplicatedJob, newJob, type NewRequest } from '@/core/sync/queue/requests';
import { newestBundle, saveBundle, savedBundle } from './device';
import { deviceUser } from './device-user';
import { queueRequest } from './queued-requests';
import { pendingHere } from './waiting';

/**
 * Stores a job that begins on this device: it is usable at once, and created on the server later under the same id.
 * @returns false where no one is known to work here, or the device has no room
 */
const begins = async (id: string, document: JobDocument, request: (by: EnteredBy) => NewRequest): Promise<boolean> => {
  const crew = deviceUser();
  if (!crew) return false;
  const known = await newestBundle(crew.personId);
  const isKept = await saveBundle(
    {
      job: {
        ...NO_HISTORY,
        id,
        revision: 1,
        document,
        handedOverAt: null,
        archivedAt: null,
        updatedAt: new Date().toISOString(),
        updatedBy: crew.me,
      },
      crew: known?.crew ?? crew,
      note: null,
      weather: known?.weather ?? [],
      handovers: [],
      profiles: known?.profiles ?? [],
    },
    undefined,
    true,
  );
  return isKept && queueRequest(request(crew));
};

/** Begins a job on this device while the server is out of reach. */
export const createOffline = (id: string, name: string, changes: readonly FactChange[]): Promise<boolean> =>
  begins(id, beginJob(name, changes), (by) => newJob(id, name, changes, by));

/**
 * Copies a job on this device, with its waiting entries; it is stored as it was when copied, whatever happens to the
 * original meanwhile. Readings are never copied.
 */
export const duplicateOffline = async (id: string, from: string): Promise<boolean> => {
  const kept = await savedBundle(from, deviceUser()?.personId ?? '');
  if (!kept) return false;
  const changes = Object.entries(pendingHere(from, kept.crew.personId)).map(([path, value]): FactChange => ({
    path: path as FactPath,
    value,
  }));
  const here = applyChanges(kept.job.document, changes);
  const document = renamed(here, copyName(here.facts));
  const file = toJobFile(id, document, NO_HISTORY, null);
  return begins(id, document, (by) => duplicatedJob(id, jobName(document.facts), file, by));
};
