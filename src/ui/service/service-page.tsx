'use client';

import { useMemo } from 'react';
import type { FactPath } from '@/core/job/document';
import { serviceLoad } from '@/core/service/service-load';
import { parseTyped } from '@/core/units/parse-number';
import { FactField } from '../fields/fact-field';
import { PairList } from '../fields/pair-list';
import { JobLink } from '../job/job-link';
import { useJob } from '../job/provider';
import { Cautions } from '../stop-work/cautions';
import { ServiceLines } from './service-lines';
import { ServiceStates } from './service-states';

const CAUTIONS = [
  'This is a calculation, not a permit. The adopted code and the AHJ decide; a licensed electrician signs off.',
  'Service conductors are live even with the main off. Read the breaker handle; do not open the panel for this.',
];

const ENTERED: readonly FactPath[] = ['service.mainAmps', 'service.otherKVA'];
const ADDED_UP: readonly FactPath[] = ['load.floorFt2', 'service.kitchenCircuits', 'service.laundryCircuits'];

const checkAppliance = (_name: string, va: string) =>
  parseTyped(va).kind === 'number' ? null : 'Enter nameplate VA as a number, such as 4500.';

export const ServicePage = () => {
  const facts = useJob((job) => job.facts);
  const setFact = useJob((job) => job.setFact);
  const load = useMemo(() => serviceLoad(facts), [facts]);
  const isWhole = facts.service.otherKVA !== null;
  return (
    <div className="mx-auto max-w-6xl px-3 py-2 sm:px-6">
      <Cautions place="service" lines={CAUTIONS} />
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h2 className="page-head">Can the house service carry it?</h2>
        <JobLink to="strips">Strips</JobLink>
      </div>
      <div className="grid grid-cols-1 items-start gap-x-10 gap-y-6 lg:grid-cols-2">
        <div className="grid min-w-0 grid-cols-1 gap-6">
          <ServiceStates load={load} onHold={(bank) => setFact('boxes.heldBank', bank)} />
          <ServiceLines load={load} />
        </div>
        <div className="grid min-w-0 grid-cols-1 gap-2">
          {[...ENTERED, ...(isWhole ? [] : ADDED_UP), 'service.motorKVA' as const].map((path) => (
            <FactField key={path} path={path} />
          ))}
          {!isWhole && (
            <PairList
              title="Appliances (nameplate VA)"
              one="Appliance"
              other="VA"
              most={[60, 12]}
              between=": "
              pairs={facts.service.appliances.map(({ name, va }) => [name, va])}
              check={checkAppliance}
              onChange={(pairs) =>
                setFact(
                  'service.appliances',
                  pairs.map(([name, va]) => ({ name, va })),
                )
              }
            />
          )}
        </div>
      </div>
    </div>
  );
};
