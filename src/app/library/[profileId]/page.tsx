import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { signedIn } from '@/server/access/signed-in';
import { getProfile } from '@/server/repositories/profiles';
import { BackedHeader } from '@/ui/backed-header';
import { ProfileEditor } from '@/ui/library/profile-editor';
import { ProfileReader } from '@/ui/library/profile-reader';

interface Props {
  readonly params: Promise<{ profileId: string }>;
}

export const metadata: Metadata = { title: 'Controller profile' };

const ProfilePage = async ({ params }: Props) => {
  const { scope } = await signedIn();
  const { profileId } = await params;
  const shipped = SHIPPED_PROFILES.find(({ id }) => id === profileId);
  const stored = shipped ? null : await getProfile(scope, profileId.slice(0, 60));
  if (!shipped && !stored) notFound();
  return (
    <main className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <BackedHeader to="/library" toLabel="Library" title={shipped ? shipped.name : 'Controller profile'} />
      {shipped ? <ProfileReader profile={shipped} /> : <ProfileEditor stored={stored!} />}
    </main>
  );
};

export default ProfilePage;
