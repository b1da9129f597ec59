'use client';

import { factApplies } from '@/core/job/applies';
import { ALL_FACTS } from '@/core/job/document';
import { FactField } from '../fields/fact-field';
import { useJob } from '../job/provider';

const SCHOOLS = ALL_FACTS.filter(({ group }) => group === 'schools').map(({ path }) => path);

/** Methods where techs disagree, chosen for this job. The settings follow. */
export const SetupMethods = () => {
  const facts = useJob((job) => job.facts);
  return (
    <details className="group mb-6 border-y border-line">
      <summary className="flex min-h-12 items-center gap-3 font-label text-xl font-semibold">
        Methods
        <span className="font-sans text-sm font-normal text-quiet">
          where techs disagree; settings follow the method you choose here
        </span>
      </summary>
      <div className="grid gap-x-6 gap-y-2 pb-4 md:grid-cols-2">
        {SCHOOLS.filter((path) => factApplies(facts, path)).map((path) => (
          <FactField key={path} path={path} />
        ))}
      </div>
    </details>
  );
};
