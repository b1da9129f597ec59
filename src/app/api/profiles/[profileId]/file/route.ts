import { profileJson, profileYaml } from '@/core/formats/profile-file';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { download, refuse, route } from '@/server/http/respond';
import { getProfile } from '@/server/repositories/profiles';

export const GET = route('export profile', async (request, { params }: { params: Promise<{ profileId: string }> }) => {
  const id = (await params).profileId.slice(0, 60);
  const profile = SHIPPED_PROFILES.find((each) => each.id === id) ?? (await getProfile(id))?.profile;
  if (!profile) return refuse(404, 'There is no such profile.');
  return new URL(request.url).searchParams.get('as') === 'json'
    ? download(profileJson(profile), 'application/json', profile.name, 'json')
    : download(profileYaml(profile), 'application/yaml; charset=utf-8', profile.name, 'yaml');
});
