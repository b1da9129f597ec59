import type { Metadata } from 'next';
import { ALL_JOBS } from '@/core/job-list/job-list-query';
import { signedIn } from '@/server/access/signed-in';
import { JOB_LIST_PAGE, listJobs } from '@/server/repositories/job-list';
import { HeaderWithBack } from '@/ui/kit/header-with-back';
import { DayTruck } from '../../ui/truck/day-truck';

export const metadata: Metadata = { title: 'Truck list' };
export const dynamic = 'force-dynamic';

const TruckPage = async () => {
  const { jobs, next } = await listJobs((await signedIn()).scope, ALL_JOBS);
  return (
    <main className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <HeaderWithBack to="/" toLabel="All jobs" title="Truck list" />
      <DayTruck jobs={jobs.filter(({ stage }) => stage !== 'handed-over')} />
      {next !== null && (
        <p className="no-print mt-3 text-sm text-quiet">The {JOB_LIST_PAGE} most recently changed jobs.</p>
      )}
    </main>
  );
};

export default TruckPage;
