'use client';

import { ChangeoutLink } from '../changeout/changeout-link';
import { useModel } from '../job/deferred-model';
import { JobLink } from '../job/job-link';
import { useDebouncedMoment } from '../job/use-debounced-moment';
import { DifferencesList } from './differences-list';
import { ExpectedVolts } from './expected-volts';
import { ExtraBoxes } from './extra-boxes';
import { FaultBench } from './fault-bench';
import { PowerTable } from './power-table';
import { Methods } from './practice-options';
import { ShortCable } from './short-cable';
import { TraceList } from './trace-list';
import { WiringFindings } from './wiring-findings';

/**
 * Below the bench: paths of each call, findings, and alternatives. Each part calculates separately, so that input is
 * handled in between.
 */
export const WiringBelow = () => {
  const moment = useDebouncedMoment();
  const isRecorded = useModel().facts.wiring.asFound !== null;
  return (
    <>
      <div className="no-print mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-2">
        <TraceList moment={moment} />
        <div className="grid content-start gap-6">
          {isRecorded && <DifferencesList moment={moment} />}
          <div className="max-sm:hidden">
            <WiringFindings />
          </div>
          <p className="flex flex-wrap gap-x-4">
            <ChangeoutLink />
            <JobLink to="wiring/truck">Truck list</JobLink>
          </p>
          <ShortCable />
          <ExtraBoxes />
          <PowerTable moment={moment} />
          <Methods moment={moment} />
        </div>
      </div>
      <ExpectedVolts moment={moment} />
      <div className="no-print">
        <FaultBench />
      </div>
    </>
  );
};
