import type { Principal } from '../core/access/principal';
import type { AtWork } from '../core/instrument/at-work';
import type { BundleParts, JobBundle } from '../core/sync/job/job-bundle';
import { type CrewScope, inCrew } from './crew';
import { noteOf } from './repositories/company';
import { defaultsOf } from './repositories/crews';
import { handoversOf } from './repositories/handovers';
import { getJob } from './repositories/jobs';
import { listPeople } from './repositories/people';
import { listProfiles } from './repositories/profiles';
import { listWeather } from './repositories/weather';

/** Data of one screen of a job besides the job. */
export const bundlePart = async (
  scope: CrewScope,
  jobId: string,
  part: keyof BundleParts,
): Promise<Partial<BundleParts>> => {
  switch (part) {
    case 'weather':
      return { weather: await listWeather(scope) };
    case 'handovers':
      return { handovers: await handoversOf(scope, jobId) };
    case 'profiles':
      return { profiles: await listProfiles(scope) };
  }
};

/** People on a job: who is signed in, other crew members who may take readings, and instruments. */
export const atWork = async (scope: CrewScope, { crewId, personId, name, role }: Principal): Promise<AtWork> => ({
  crewId,
  personId,
  me: name,
  role,
  names: (await listPeople(scope))
    .filter((person) => person.leftAt === null && person.role !== 'reader')
    .map((person) => person.name),
  instruments: (await defaultsOf(scope)).instruments,
});

/** Everything a device saves of a job for offline use; null if there is no such job. */
export const jobBundle = (scope: CrewScope, principal: Principal, jobId: string): Promise<JobBundle | null> =>
  inCrew(scope, async () => {
    const job = await getJob(scope, jobId);
    if (!job) return null;
    return {
      job,
      crew: await atWork(scope, principal),
      note: await noteOf(scope, jobId),
      ...(await bundlePart(scope, jobId, 'weather')),
      ...(await bundlePart(scope, jobId, 'handovers')),
      ...(await bundlePart(scope, jobId, 'profiles')),
    } as JobBundle;
  });
