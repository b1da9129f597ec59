import type { DBSchema, IDBPDatabase } from 'idb';
import type { WeatherHours } from '@/core/balance/year/stored-weather';
import { jobName } from '@/core/job/job-name';
import type { StoredJob } from '@/core/job/stored-job';
import { type JobBundle, readJobBundle } from '@/core/sync/job/job-bundle';

/** A job on this device. */
interface OnDevice {
  readonly id: string;
  readonly along: JobBundle;
}

/** A line of the device list. */
export interface SavedJobSummary {
  readonly id: string;
  /** Its owner: another person who signs in here does not see it. */
  readonly personId: string;
  readonly name: string;
  /** Whether someone saved it for offline use; a job that was only opened may be evicted. */
  readonly isTaken: boolean;
  /** When the server last sent it, and when it was last opened here; ms. */
  readonly keptAt: number;
  readonly usedAt: number;
  readonly kB: number;
}

/** Jobs are large and opened one at a time; their list is small and read whole. */
interface Schema extends DBSchema {
  jobs: { key: string; value: OnDevice };
  lines: { key: string; value: SavedJobSummary };
  years: { key: string; value: WeatherHours };
}

/** Number of recently opened jobs kept on a device, besides those saved for offline use. */
const MOST_RECENT = 20;

const kBOf = (along: JobBundle) => Math.ceil(JSON.stringify(along).length / 1000);

let opened: Promise<IDBPDatabase<Schema>> | undefined;
const open = async (): Promise<IDBPDatabase<Schema>> => {
  const { openDB } = await import('idb');
  return openDB<Schema>('gate-cross', 2, {
    upgrade: async (database, before, _after, transaction) => {
      if (before < 1) database.createObjectStore('jobs', { keyPath: 'id' });
      const lines = database.createObjectStore('lines', { keyPath: 'id' });
      database.createObjectStore('years', { keyPath: 'id' });
      // Upgrades the single record of the previous version to a list.
      for (const { along, ...line } of (await transaction.objectStore('jobs').getAll()) as (OnDevice &
        SavedJobSummary)[])
        await lines.put({ ...line, name: jobName(along.job.document.facts), kB: kBOf(along) });
    },
    // A newer version in another tab must not wait until this one is closed.
    blocking: (_current, _blocked, event) => {
      (event.target as IDBDatabase).close();
      opened = undefined;
    },
    terminated: () => {
      opened = undefined;
    },
  });
};

const device = (): Promise<IDBPDatabase<Schema>> =>
  (opened ??= open().catch((problem: unknown) => {
    // What failed to open now may work later.
    opened = undefined;
    throw problem;
  }));

/** Uses the device database; a device without storage, or a full one, returns the fallback. */
const onDevice = async <T>(work: (database: IDBPDatabase<Schema>) => Promise<T>, otherwise: T): Promise<T> => {
  try {
    return await work(await device());
  } catch {
    return otherwise;
  }
};

/** Data that the server also has may be written lazily; data that only this device has is written at once. */
const both = (database: IDBPDatabase<Schema>, isOnlyHere = false) =>
  database.transaction(['jobs', 'lines'], 'readwrite', { durability: isOnlyHere ? 'strict' : 'relaxed' });

const drop = async (database: IDBPDatabase<Schema>, ids: readonly string[]): Promise<void> => {
  const transaction = both(database);
  for (const id of ids)
    await Promise.all([transaction.objectStore('jobs').delete(id), transaction.objectStore('lines').delete(id)]);
  await transaction.done;
};

const byUse = (lines: readonly SavedJobSummary[]) => [...lines].sort((a, b) => b.usedAt - a.usedAt);

/**
 * Stores a job on the device as the server has it, or will have it.
 * @returns false where the device has no room for it
 */
export const saveBundle = (along: JobBundle, isTaken?: boolean, isOnlyHere = false): Promise<boolean> =>
  onDevice(async (database) => {
    const { id, document } = along.job;
    const now = Date.now();
    const transaction = both(database, isOnlyHere);
    const lines = transaction.objectStore('lines');
    const before = await lines.get(id);
    await transaction.objectStore('jobs').put({ id, along });
    await lines.put({
      id,
      personId: along.crew.personId,
      name: jobName(document.facts),
      isTaken: isTaken ?? before?.isTaken ?? false,
      keptAt: now,
      usedAt: now,
      kB: kBOf(along),
    });
    await transaction.done;
    const opened = byUse(await database.getAll('lines')).filter((line) => !line.isTaken);
    if (opened.length > MOST_RECENT)
      await drop(
        database,
        opened.slice(MOST_RECENT).map((line) => line.id),
      );
    return true;
  }, false);

/** Changes a person's stored job; another person's copy stays. */
const change = (id: string, personId: string, next: (along: JobBundle) => JobBundle): Promise<void> =>
  onDevice(async (database) => {
    const transaction = both(database);
    const [jobs, lines] = [transaction.objectStore('jobs'), transaction.objectStore('lines')];
    const [kept, line] = [await jobs.get(id), await lines.get(id)];
    if (kept && line && line.personId === personId) {
      const along = next(kept.along);
      await jobs.put({ id, along });
      const name = jobName(along.job.document.facts);
      await lines.put({ ...line, name, keptAt: Date.now(), kB: kBOf(along) });
    }
    await transaction.done;
  }, undefined);

/** Stores what the server acknowledged of a person's job on the device. */
export const saveJobCopy = (job: StoredJob, personId: string): Promise<void> =>
  change(job.id, personId, (along) => ({ ...along, job }));

/** Stores what this device knows of a job's other data before the server does. */
export const saveParts = (
  id: string,
  personId: string,
  parts: (along: JobBundle) => Partial<JobBundle>,
): Promise<void> => change(id, personId, (along) => ({ ...along, ...parts(along) }));

/** A person's job on this device; null if not here. */
export const savedBundle = (id: string, personId: string): Promise<JobBundle | null> =>
  onDevice(async (database) => {
    const kept = await database.get('jobs', id);
    const along = readJobBundle(kept?.along);
    return along?.crew.personId === personId ? along : null;
  }, null);

/** A person's jobs on this device, last used first. */
export const listSavedJobs = (personId: string): Promise<SavedJobSummary[]> =>
  onDevice(async (database) => byUse(await database.getAll('lines')).filter((line) => line.personId === personId), []);

/** The person's most recently refreshed job: its crew data is the newest. */
export const newestBundle = async (personId: string): Promise<JobBundle | null> => {
  const newest = (await listSavedJobs(personId)).sort((a, b) => b.keptAt - a.keptAt)[0];
  return newest ? savedBundle(newest.id, personId) : null;
};

/** Removes a job from the device; its waiting entries stay. */
export const removeSaved = (id: string): Promise<void> => onDevice((database) => drop(database, [id]), undefined);

/**
 * Removes everything that the server has, at sign-out.
 * @param waits whether something of a job waits to be sent: that job stays, under its person
 */
export const removeSent = (waits: (line: SavedJobSummary) => boolean): Promise<void> =>
  onDevice(async (database) => {
    const sent = (await database.getAll('lines')).filter((line) => !waits(line));
    await drop(
      database,
      sent.map(({ id }) => id),
    );
    await database.clear('years');
  }, undefined);

/** Stores the hours of a weather year on the device; false if there is no space. */
export const saveYear = (year: WeatherHours): Promise<boolean> =>
  onDevice(async (database) => {
    await database.put('years', year);
    return true;
  }, false);

/** A weather year on this device; null if not here. */
export const savedYear = (id: string): Promise<WeatherHours | null> =>
  onDevice(async (database) => (await database.get('years', id)) ?? null, null);
