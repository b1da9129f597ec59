import { MAX_PROFILE_FILE_CHARS } from '@/core/formats/profile-file';
import { isShipped } from '@/core/setup/profiles';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { type Asking, refuse, route } from '@/server/http/respond';
import { profileSaveSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { listProfiles, MOST_PROFILES, saveProfile } from '@/server/repositories/profiles';

export const GET = route('list profiles', 'see', async (_request, { scope }) =>
  Response.json({ profiles: await listProfiles(scope) }),
);

export const PUT = route(
  'save profile',
  'keep',
  withBody(
    profileSaveSchema,
    2 * MAX_PROFILE_FILE_CHARS,
    async ({ saveId, baseRevision, ...sent }, _request, { principal, scope }: Asking) => {
      const profile = sent.profile as unknown as ControllerProfile;
      if (isShipped(profile.id))
        return refuse(409, 'This profile ships with the application. Copy it, and change the copy.', 'profile.id');
      if (baseRevision === null && (await listProfiles(scope)).length >= MOST_PROFILES)
        return refuse(
          409,
          `The crew has ${MOST_PROFILES} controllers. Delete one that no job uses, then save this one.`,
        );
      const result = await saveProfile(scope, { saveId, baseRevision, profile, author: principal.name });
      switch (result.kind) {
        case 'missing':
          return refuse(404, 'There is no such profile. It may have been deleted.');
        case 'stale':
          return Response.json(
            {
              error:
                'Someone saved this profile after you opened it. Nothing was overwritten. Choose which version to keep.',
              path: '',
              stored: result.stored,
            },
            { status: 409 },
          );
        case 'saved':
          return Response.json(result.stored);
      }
    },
  ),
);
