'use client';

import Link from 'next/link';
import { useJob } from '../job/provider';
import { jobQuery } from '../job/query';

/** The way to the old thermostat, from where a new one is planned. */
export const ChangeoutLink = () => {
  const id = useJob((job) => job.saved.id);
  const isBegun = useJob((job) => job.facts.changeout.subbase !== null);
  const query = useJob(jobQuery);
  return (
    <Link
      href={`/jobs/${id}/wiring/changeout?${query}`}
      prefetch={false}
      className="bare-button px-1 underline underline-offset-4"
    >
      {isBegun ? 'Old thermostat to new' : 'An old thermostat comes off? Write it down first'}
    </Link>
  );
};
