import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { SHIPPED_STORED } from '@/core/setup/profiles/shipped-stored';
import { signedIn } from '@/server/access/signed-in';
import { getProfile } from '@/server/repositories/profiles';
import { ProfilePage } from '@/ui/library/profile-page';

interface Props {
  readonly params: Promise<{ profileId: string }>;
}

export const metadata: Metadata = { title: 'Controller profile' };

const ControllerPage = async ({ params }: Props) => {
  const { scope } = await signedIn();
  const { profileId } = await params;
  const shipped = SHIPPED_STORED.find(({ profile }) => profile.id === profileId);
  const stored = shipped ?? (await getProfile(scope, profileId.slice(0, 60)));
  if (!stored) notFound();
  return <ProfilePage stored={stored} />;
};

export default ControllerPage;
