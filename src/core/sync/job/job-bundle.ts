import type { Company } from '../../access/company';
import type { StoredWeather } from '../../balance/year/stored-weather';
import { isRecord } from '../../border/record';
import type { KeptHandover } from '../../handover/record-schema';
import { type AtWork, readAtWork } from '../../instrument/at-work';
import { migrated } from '../../job/migrations';
import type { StoredJob } from '../../job/stored-job';
import { NO_HISTORY } from '../../job/stored-job';
import type { StoredProfile } from '../../setup/profiles/stored-profile';
import { readJobAnswer } from '../answers';

/** Data that some screens need in addition to the job. */
export interface BundleParts {
  /** The crew's imported years of weather. */
  readonly weather: readonly StoredWeather[];
  /** Handover records, as printed. */
  readonly handovers: readonly KeptHandover[];
  /** The crew's own controller profiles. */
  readonly profiles: readonly StoredProfile[];
}

/** Everything a device saves of a job for offline use. */
export interface JobBundle extends BundleParts {
  readonly job: StoredJob;
  readonly crew: AtWork;
  readonly note: Company['note'];
}

const listOrNone = <T>(value: readonly T[] | undefined): readonly T[] => (Array.isArray(value) ? value : []);

/**
 * Reads what a device saved of a job, by this version or an older one: its document is migrated, lists that did not
 * exist yet are empty. Null where it is none.
 */
export const readJobBundle = (value: unknown): JobBundle | null => {
  if (!isRecord(value) || !isRecord(value.job)) return null;
  const read = readJobAnswer({ kind: 'ok', value: { ...NO_HISTORY, ...value.job } });
  const crew = readAtWork(value.crew);
  if (read.kind !== 'ok' || !crew.ok) return null;
  const { note = null, weather, handovers, profiles } = value as Partial<JobBundle>;
  return {
    job: { ...read.value, document: migrated(read.value.document) },
    crew: crew.value,
    note,
    weather: listOrNone(weather),
    handovers: listOrNone(handovers),
    profiles: listOrNone(profiles),
  };
};
