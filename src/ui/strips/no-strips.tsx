'use client';

import Link from 'next/link';
import { backupOf } from '@/core/job/backup';
import { useJob } from '../job/provider';
import { FindKit } from './find-kit';

/** The Strips page of a job without strips, with where to go instead. */
export const NoStrips = () => {
  const id = useJob((job) => job.saved.id);
  const facts = useJob((job) => job.facts);
  if (backupOf(facts) === 'fossil')
    return (
      <p className="mx-auto max-w-xl px-4 py-10 text-lg">
        This job’s backup is a furnace: no strips. See{' '}
        <Link href={`/jobs/${id}/wiring`} className="text-link">
          Wiring
        </Link>
        , its readings are on{' '}
        <Link href={`/jobs/${id}/startup`} className="text-link">
          Startup
        </Link>
        .
      </p>
    );
  return (
    <div className="mx-auto max-w-xl px-4 py-10 text-lg">
      <p>No heat kit on the Survey. Enter its elements there, or identify the kit from what you can measure.</p>
      <Link href={`/jobs/${id}/survey#heatKit.elements`} className="strong-button mt-4">
        Enter the elements
      </Link>
      <div className="mt-8">
        <FindKit />
      </div>
    </div>
  );
};
