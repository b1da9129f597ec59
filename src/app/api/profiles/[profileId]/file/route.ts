import { profileJson, profileYaml } from '@/core/formats/profile-file';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { type Asking, download, refuse, route } from '@/server/http/respond';
import { getProfile } from '@/server/repositories/profiles';

interface Context {
  readonly params: Promise<{ readonly profileId: string }>;
}

export const GET = route('export profile', 'see', async (request, { params, scope }: Context & Asking) => {
  const id = (await params).profileId.slice(0, 60);
  const profile = SHIPPED_PROFILES.find((each) => each.id === id) ?? (await getProfile(scope, id))?.profile;
  if (!profile) return refuse(404, 'There is no such profile.');
  return new URL(request.url).searchParams.get('as') === 'json'
    ? download(profileJson(profile), 'application/json', profile.name, 'json')
    : download(profileYaml(profile), 'application/yaml; charset=utf-8', profile.name, 'yaml');
});
