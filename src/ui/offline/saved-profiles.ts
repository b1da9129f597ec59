import type { ControllerProfile } from '@/core/setup/profiles/profile';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { newestBundle } from './device';
import { deviceUser } from './device-user';
import { type QueuedRequest, queuedRequests, queueRequest } from './queued-requests';

const PATH = '/api/profiles';

interface Body {
  readonly saveId: string;
  readonly baseRevision: null;
  readonly profile: ControllerProfile;
}

/** A controller that is new, as it is told to the server. */
export const newProfileBody = (profile: ControllerProfile, saveId: string): Body => ({
  saveId,
  baseRevision: null,
  profile,
});

/**
 * Keeps a new controller on this device, where the server is not reached; it lands later under the same id.
 * @returns false where no one is known to work here, or the device has no room
 */
export const saveProfileOffline = (profile: ControllerProfile, saveId: string): boolean => {
  const who = deviceUser();
  return (
    who !== null &&
    queueRequest({
      id: saveId,
      about: profile.id,
      personId: who.personId,
      crewId: who.crewId,
      phase: 'before',
      words: `Controller: ${profile.name}`,
      path: PATH,
      method: 'PUT',
      body: newProfileBody(profile, saveId),
    })
  );
};

const begun = ({ body, at }: QueuedRequest): StoredProfile => ({
  profile: (body as Body).profile,
  // What it will be on the server once it has landed.
  revision: 1,
  updatedAt: new Date(at).toISOString(),
  updatedBy: '',
});

/** Controllers that were begun on this device and that the server does not have yet. */
export const unsentProfiles = (personId: string): StoredProfile[] =>
  queuedRequests(personId)
    .filter(({ path, problem }) => path === PATH && !problem)
    .map(begun);

/** All controllers of the crew that this device knows of. */
export const savedProfiles = async (personId: string): Promise<StoredProfile[]> => [
  ...((await newestBundle(personId))?.profiles ?? []),
  ...unsentProfiles(personId),
];
