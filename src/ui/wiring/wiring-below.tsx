'use client';

import { useMemo } from 'react';
import { differences } from '@/core/wiring/differences';
import { powerReport } from '@/core/wiring/power';
import { soundly } from '@/core/wiring/state';
import { roomNote, traceCall } from '@/core/wiring/trace';
import { ChangeoutLink } from '../changeout/changeout-link';
import { useModel } from '../job/following';
import { JobLink } from '../job/job-link';
import { useRestedMoment } from '../job/use-rested-moment';
import { DifferencesList } from './differences-list';
import { ExpectedVolts } from './expected-volts';
import { ExtraBoxes } from './extra-boxes';
import { FaultBench } from './fault-bench';
import { usePoint } from './point';
import { PowerTable } from './power-table';
import { Schools } from './schools';
import { ShortCable } from './short-cable';
import { TraceList } from './trace-list';
import { WiringFindings } from './wiring-findings';

/** What the wiring page says below the bench, each worked out when the job or the moment changes. */
const useBelowBench = () => {
  const model = useModel();
  const moment = useRestedMoment();
  const { facts, harness, planned, sound, supply } = model;
  const state = model.state(moment);
  const differing = useMemo(
    () => (harness === planned ? [] : differences(facts, sound, harness, soundly(moment), supply)),
    [facts, sound, harness, planned, moment, supply],
  );
  const traces = useMemo(() => traceCall(facts, sound, harness, state), [facts, sound, harness, state]);
  const report = useMemo(() => powerReport(facts, harness, model.states(moment)), [facts, harness, model, moment]);
  return { facts, moment, differing, traces, report };
};

/** What stands below the bench: where each call goes, what wants a look, what can be done otherwise. */
export const WiringBelow = () => {
  const { facts, moment, differing, traces, report } = useBelowBench();
  const isRecorded = facts.wiring.asFound !== null;
  const onPoint = usePoint();
  return (
    <>
      <div className="no-print mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-2">
        <TraceList traces={traces} note={roomNote(facts, moment)} />
        <div className="grid content-start gap-6">
          {isRecorded && <DifferencesList differences={differing} onPoint={onPoint} />}
          <div className="max-sm:hidden">
            <WiringFindings />
          </div>
          <p className="flex flex-wrap gap-x-4">
            <ChangeoutLink />
            <JobLink to="wiring/truck">Truck list</JobLink>
          </p>
          <ShortCable />
          <ExtraBoxes />
          <PowerTable report={report} />
          <Schools />
        </div>
      </div>
      <ExpectedVolts />
      <div className="no-print">
        <FaultBench />
      </div>
    </>
  );
};
