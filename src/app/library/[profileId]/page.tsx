import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { getProfile } from '@/server/repositories/profiles';
import { ProfileEditor } from '@/ui/library/profile-editor';
import { ProfileReader } from '@/ui/library/profile-reader';
import { Mark } from '@/ui/mark';

interface Props {
  readonly params: Promise<{ profileId: string }>;
}

export const metadata: Metadata = { title: 'Controller profile' };

const ProfilePage = async ({ params }: Props) => {
  const { profileId } = await params;
  const shipped = SHIPPED_PROFILES.find(({ id }) => id === profileId);
  const stored = shipped ? null : await getProfile(profileId.slice(0, 60));
  if (!shipped && !stored) notFound();
  return (
    <main className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <header className="flex items-center gap-3 border-b-2 border-ink pb-2">
        <Link href="/library" className="bare-button" aria-label="Library">
          <Mark />
        </Link>
        <h1 className="min-w-0 flex-1 truncate font-label text-3xl font-semibold">
          {shipped ? shipped.name : 'Controller profile'}
        </h1>
      </header>
      {shipped ? <ProfileReader profile={shipped} /> : <ProfileEditor stored={stored!} />}
    </main>
  );
};

export default ProfilePage;
