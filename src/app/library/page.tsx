import type { Metadata } from 'next';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { signedIn } from '@/server/access/signed-in';
import { listProfiles } from '@/server/repositories/profiles';
import { Library } from '@/ui/library/library';

export const metadata: Metadata = { title: 'Library' };
export const dynamic = 'force-dynamic';

const LibraryPage = async () => {
  const { scope } = await signedIn();
  const shipped = SHIPPED_PROFILES.map((profile) => ({ profile, revision: null, updatedAt: null, updatedBy: '' }));
  return <Library profiles={[...(await listProfiles(scope)), ...shipped]} />;
};

export default LibraryPage;
