import type { Metadata } from 'next';
import { may } from '@/core/access/may';
import { signedIn } from '@/server/access/signed-in';
import { defaultsOf } from '@/server/repositories/crews';
import { DefaultsForm } from '@/ui/crew/defaults-form';
import { HeaderWithBack } from '@/ui/kit/header-with-back';

export const metadata: Metadata = { title: 'New job defaults' };
export const dynamic = 'force-dynamic';

const NewJobsPage = async () => {
  const { principal, scope } = await signedIn();
  const mayDecide = may(principal, 'settle');
  return (
    <main className="mx-auto max-w-3xl px-3 py-4 pb-12 sm:px-6">
      <HeaderWithBack to="/crew" toLabel="Crew" title="New job defaults" />
      <p className="mt-2 text-quiet">
        Existing jobs do not change. In a new job, prices, methods and tolerances count as confirmed; cable stays
        assumed until someone checks it. {!mayDecide && 'Set by your crew lead.'}
      </p>
      <DefaultsForm decided={await defaultsOf(scope)} mayDecide={mayDecide} />
    </main>
  );
};

export default NewJobsPage;
