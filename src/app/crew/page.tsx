import type { Metadata } from 'next';
import Link from 'next/link';
import { may } from '@/core/access/may';
import { signedIn } from '@/server/access/signed-in';
import { listAudit } from '@/server/repositories/audit';
import { crewOf } from '@/server/repositories/crews';
import { listPeople } from '@/server/repositories/people';
import { AuditList } from '@/ui/crew/audit-list';
import { CrewData } from '@/ui/crew/crew-data';
import { CrewEnds } from '@/ui/crew/crew-ends';
import { InvitePerson } from '@/ui/crew/invite-person';
import { PeopleList } from '@/ui/crew/people-list';
import { SignOut } from '@/ui/crew/sign-out';
import { HeaderWithBack } from '@/ui/kit/header-with-back';

export const metadata: Metadata = { title: 'Crew' };
export const dynamic = 'force-dynamic';

const CrewPage = async () => {
  const { principal, scope } = await signedIn();
  const [crew, people] = [await crewOf(scope), await listPeople(scope)];
  return (
    <main className="mx-auto max-w-3xl px-3 py-4 sm:px-6">
      <HeaderWithBack to="/" toLabel="All jobs" title={crew.name}>
        <SignOut />
      </HeaderWithBack>
      <CrewEnds at={principal.crewEnds} />
      <p className="mt-3">
        <Link href="/crew/new-jobs" prefetch={false} className="plain-button inline-flex">
          New job defaults
        </Link>
      </p>
      <PeopleList
        people={people}
        crew={crew.handle ?? ''}
        me={principal.personId}
        mayChange={may(principal, 'people')}
      />
      {may(principal, 'people') && <InvitePerson />}
      {may(principal, 'close') && <CrewData handle={crew.handle ?? ''} ends={principal.crewEnds} />}
      {may(principal, 'audit') && <AuditList lines={await listAudit(scope)} />}
    </main>
  );
};

export default CrewPage;
