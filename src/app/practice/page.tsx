import type { Metadata } from 'next';
import { may } from '@/core/access/may';
import { SHIPPED_STORED } from '@/core/setup/profiles/shipped-stored';
import { signedIn } from '@/server/access/signed-in';
import { playedByCrew, playedOf } from '@/server/repositories/practice';
import { listProfiles } from '@/server/repositories/profiles';
import { PracticePage } from '@/ui/practice/practice-page';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

const Practice = async () => {
  const { principal, scope } = await signedIn();
  const controllers = [...SHIPPED_STORED, ...(await listProfiles(scope))].map(({ profile: { id, name } }) => ({
    id,
    name,
  }));
  return (
    <PracticePage
      personId={principal.personId}
      controllers={controllers}
      known={await playedOf(scope, principal.personId)}
      crew={may(principal, 'teach') ? await playedByCrew(scope) : null}
    />
  );
};

export default Practice;
