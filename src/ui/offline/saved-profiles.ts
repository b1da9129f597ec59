import type { ControllerProfile } from '@/core/setup/profiles/profile';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { kindOfRequest, type QueuedRequest } from '@/core/sync/queue/queued-request';
import { newestBundle } from './device';
import { queuedRequests } from './queued-requests';

const begun = ({ body, at }: QueuedRequest): StoredProfile => ({
  profile: (body as { profile: ControllerProfile }).profile,
  // What it will be on the server.
  revision: 1,
  updatedAt: new Date(at).toISOString(),
  updatedBy: '',
});

/** Profiles begun on this device that the server does not have yet. */
export const unsentProfiles = (personId: string): StoredProfile[] =>
  queuedRequests(personId)
    .filter((request) => kindOfRequest(request) === 'controller' && !request.problem)
    .map(begun);

/** All of the crew's profiles that this device knows. */
export const savedProfiles = async (personId: string): Promise<StoredProfile[]> => [
  ...((await newestBundle(personId))?.profiles ?? []),
  ...unsentProfiles(personId),
];
