'use client';

import Link from 'next/link';
import { useJob } from './provider';
import { jobQuery } from './query';

/** A link to another screen of the job with the present moment. */
export const JobLink = ({ to, children }: { to: string; children: React.ReactNode }) => {
  const id = useJob((job) => job.saved.id);
  const query = useJob(jobQuery);
  return (
    <Link href={`/jobs/${id}/${to}?${query}`} prefetch={false} className="bare-button px-1 text-link">
      {children}
    </Link>
  );
};
