import { notFound } from 'next/navigation';
import { CONTROLLER_ROLES } from '@/core/job/controllers';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import { signedIn } from '@/server/access/signed-in';
import { listProfiles } from '@/server/repositories/profiles';
import { CardPage } from '@/ui/setup/card/card-page';

const ControllerCardPage = async ({ params }: { params: Promise<{ controller: string }> }) => {
  const { controller } = await params;
  const role = CONTROLLER_ROLES.find((each) => each === controller);
  if (!role) notFound();
  const own = (await listProfiles((await signedIn()).scope)).map(({ profile }) => profile);
  return <CardPage role={role} profiles={[...SHIPPED_PROFILES, ...own].filter((profile) => profile.role === role)} />;
};

export default ControllerCardPage;
