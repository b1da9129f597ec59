import type { Company } from '../../access/company';
import type { StoredWeather } from '../../balance/year/stored-weather';
import type { KeptHandover } from '../../handover/record-schema';
import type { AtWork } from '../../instrument/at-work';
import type { StoredJob } from '../../job/stored-job';
import type { StoredProfile } from '../../setup/profiles/stored-profile';

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
