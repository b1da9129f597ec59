import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { SHIPPED_STORED } from '@/core/setup/profiles/shipped-stored';
import { signedIn } from '@/server/access/signed-in';
import { listProfiles } from '@/server/repositories/profiles';
import { FacePage } from '@/ui/practice/face/face-page';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

const Controller = async ({ params }: { params: Promise<{ profileId: string }> }) => {
  const { scope } = await signedIn();
  const { profileId } = await params;
  const stored = [...(await listProfiles(scope)), ...SHIPPED_STORED].find(({ profile }) => profile.id === profileId);
  if (!stored) notFound();
  return <FacePage profile={stored.profile} />;
};

export default Controller;
