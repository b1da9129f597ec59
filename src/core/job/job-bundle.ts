import type { AtWork } from '../access/at-work';
import type { Company } from '../access/company';
import type { StoredWeather } from '../balance/year/stored-weather';
import type { KeptHandover } from '../handover/record-schema';
import type { StoredProfile } from '../setup/profiles/stored-profile';
import type { StoredJob } from './stored-job';

/** What some screens of a job need next to the job itself. */
export interface BundleParts {
  /** Years of weather that the crew has brought in. */
  readonly weather: readonly StoredWeather[];
  /** Records that were handed over, as they were printed. */
  readonly handovers: readonly KeptHandover[];
  /** The crew's own controller profiles. */
  readonly profiles: readonly StoredProfile[];
}

/** Everything that a job is worked with, as a device takes it along. */
export interface JobBundle extends BundleParts {
  readonly job: StoredJob;
  readonly crew: AtWork;
  readonly note: Company['note'];
}
