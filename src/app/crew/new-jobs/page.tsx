import type { Metadata } from 'next';
import { may } from '@/core/access/may';
import { signedIn } from '@/server/access/signed-in';
import { defaultsOf } from '@/server/repositories/crews';
import { DefaultsForm } from '@/ui/crew/defaults-form';
import { BackedHeader } from '@/ui/kit/header-with-back';

export const metadata: Metadata = { title: 'What new jobs begin with' };
export const dynamic = 'force-dynamic';

const NewJobsPage = async () => {
  const { principal, scope } = await signedIn();
  const mayDecide = may(principal, 'settle');
  return (
    <main className="mx-auto max-w-3xl px-3 py-4 pb-12 sm:px-6">
      <BackedHeader to="/crew" toLabel="Crew" title="What new jobs begin with" />
      <p className="mt-2 text-quiet">
        Jobs that are there already stay as they are. Prices, ways and tolerances count as known in a new job; cable
        stays assumed until somebody has looked. {!mayDecide && 'Your lead decides it.'}
      </p>
      <DefaultsForm decided={await defaultsOf(scope)} mayDecide={mayDecide} />
    </main>
  );
};

export default NewJobsPage;
