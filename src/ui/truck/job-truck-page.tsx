'use client';

import { useMemo } from 'react';
import { truckList } from '@/core/truck/truck-list';
import { JobLink } from '../job/job-link';
import { useJob } from '../job/provider';
import { TruckLines } from './truck-lines';

export const JobTruckPage = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const readings = useJob((job) => job.readings);
  const setFact = useJob((job) => job.setFact);
  const lines = useMemo(() => truckList({ facts, confirmed, readings }), [facts, confirmed, readings]);
  const { onSite } = facts.changeout;
  return (
    <div className="mx-auto max-w-3xl px-3 py-4 sm:px-6">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h2 className="page-head">Truck list</h2>
        <span className="no-print">
          <JobLink to="wiring">Wiring</JobLink>
        </span>
      </div>
      <p className="mb-3 text-quiet">
        What the plan needs, less what is already on site. Cable lengths include 15 % for makeup.
      </p>
      <TruckLines
        lines={lines}
        onSite={(key) => setFact('changeout.onSite', [...onSite.filter((row) => row.key !== key), { key }])}
      />
      {onSite.length > 0 && (
        <button
          type="button"
          className="bare-button no-print mt-2 px-1 text-link"
          onClick={() => setFact('changeout.onSite', [])}
        >
          Uncheck on-site items ({onSite.length})
        </button>
      )}
    </div>
  );
};
