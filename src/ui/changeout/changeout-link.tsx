'use client';

import { JobLink } from '../job/job-link';
import { useJob } from '../job/provider';

/** Link to the old thermostat from where a new one is planned. */
export const ChangeoutLink = () => {
  const isBegun = useJob((job) => job.facts.changeout.subbase !== null);
  return (
    <JobLink to="wiring/changeout">
      {isBegun ? 'Old thermostat to new' : 'Replacing a thermostat? Record the old wiring first'}
    </JobLink>
  );
};
