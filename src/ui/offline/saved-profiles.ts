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

/** A new controller profile as sent to the server. */
export const newProfileBody = (profile: ControllerProfile, saveId: string): Body => ({
  saveId,
  baseRevision: null,
  profile,
});

/**
 * Stores a new controller profile on this device while the server is out of reach; it is created later under the same
 * id.
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
  // What it will be on the server.
  revision: 1,
  updatedAt: new Date(at).toISOString(),
  updatedBy: '',
});

/** Profiles begun on this device that the server does not have yet. */
export const unsentProfiles = (personId: string): StoredProfile[] =>
  queuedRequests(personId)
    .filter(({ path, problem }) => path === PATH && !problem)
    .map(begun);

/** All of the crew's profiles that this device knows. */
export const savedProfiles = async (personId: string): Promise<StoredProfile[]> => [
  ...((await newestBundle(personId))?.profiles ?? []),
  ...unsentProfiles(personId),
];
