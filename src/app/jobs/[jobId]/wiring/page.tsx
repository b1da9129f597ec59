'use client';

import { useCallback, useMemo, useState } from 'react';
import { findingKey } from '@/core/job/finding';
import { roomNote } from '@/core/wiring/trace';
import { FindingLine } from '@/ui/finding-line';
import { Bench } from '@/ui/wiring/bench';
import { DifferencesList } from '@/ui/wiring/differences-list';
import { ExpectedVolts } from '@/ui/wiring/expected-volts';
import { FaultBench } from '@/ui/wiring/fault-bench';
import { Meter, type MeterMode } from '@/ui/wiring/meter';
import { PowerTable } from '@/ui/wiring/power-table';
import { Schools } from '@/ui/wiring/schools';
import { TraceList } from '@/ui/wiring/trace-list';
import { useAsFound } from '@/ui/wiring/use-as-found';
import { useBench, useProbes } from '@/ui/wiring/use-bench';
import { WhatHappens } from '@/ui/wiring/what-happens';
import { WiringFindings } from '@/ui/wiring/wiring-findings';

const CAUTION =
  '24 V terminals sit beside line voltage. Open and prove dead every supply before moving a conductor; measure live only if trained. Colours are convention, not proof: trace them. The unit’s own wiring label, local code and licensed practice win over this drawing.';

const WiringPage = () => {
  const { facts, moment, model, state, findings, differing, traces, report, isSoundPlan } = useBench();
  const found = useAsFound();
  const { harness } = found;
  const { probes, moves, onProbe } = useProbes(harness);
  const [mode, setMode] = useState<MeterMode>('high');
  const [pointsAt, setPointsAt] = useState<string | null>(null);
  const moved = useMemo(() => new Set(differing.map(({ id }) => id)), [differing]);
  const onPoint = useCallback((at: string) => {
    setPointsAt((now) => (now === at ? null : at));
    document.getElementById('bench')?.scrollIntoView({ block: 'start' });
  }, []);

  return (
    <div className="mx-auto max-w-[82rem] px-3 py-4 sm:px-6">
      <p className="no-print mb-3 border-l-4 border-fail pl-3 text-sm">{CAUTION}</p>
      {model.refused.length > 0 ? (
        <section aria-label="Not planned">
          <h2 className="mb-1 font-label text-2xl font-semibold">This combination is not wired</h2>
          <ul>
            {model.refused.map((finding) => (
              <FindingLine key={findingKey(finding)} finding={finding} />
            ))}
          </ul>
        </section>
      ) : (
        <>
          <div
            id="bench"
            className="grid scroll-mt-28 grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-4 xl:grid-cols-[minmax(0,1fr)_17rem]"
          >
            <Bench
              found={found}
              state={state}
              probes={probes}
              onTerminal={(ref) => onProbe(moves, ref)}
              onProbe={onProbe}
              pointsAt={pointsAt}
              moved={moved}
            />
            <aside className="no-print grid content-start gap-4 sm:grid-cols-2 xl:grid-cols-1">
              <Meter
                harness={harness}
                showsSound={!isSoundPlan}
                mode={mode}
                onMode={setMode}
                probes={probes}
                moves={moves}
                onProbe={onProbe}
              />
              <WhatHappens harness={harness} state={state} />
            </aside>
          </div>
          <div className="no-print mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-2">
            <TraceList traces={traces} note={roomNote(facts, moment)} />
            <div className="grid content-start gap-6">
              {found.isRecorded && <DifferencesList differences={differing} onPoint={onPoint} />}
              <WiringFindings findings={findings} onPoint={onPoint} />
              <PowerTable report={report} />
              <Schools />
            </div>
          </div>
          <ExpectedVolts />
          <div className="no-print">
            <FaultBench />
          </div>
        </>
      )}
    </div>
  );
};

export default WiringPage;
