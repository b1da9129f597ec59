import type { Metadata } from 'next';
import { SHIPPED_STORED } from '@/core/setup/profiles/shipped-stored';
import { signedIn } from '@/server/access/signed-in';
import { listProfiles } from '@/server/repositories/profiles';
import { Library } from '@/ui/library/library';

export const metadata: Metadata = { title: 'Library' };
export const dynamic = 'force-dynamic';

const LibraryPage = async () => {
  const { scope } = await signedIn();
  return <Library profiles={[...(await listProfiles(scope)), ...SHIPPED_STORED]} />;
};

export default LibraryPage;
