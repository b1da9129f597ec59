'use client';

import { useSearchParams } from 'next/navigation';
import { useCallback, useMemo, useState } from 'react';
import { SUSPECTS_QUERY, suspectsFrom } from '@/core/diagnosis/suspected-parts';
import { findingKey } from '@/core/job/finding';
import { roomNote } from '@/core/wiring/trace';
import { Below } from '../below';
import { Cautions } from '../cautions';
import { ChangeoutLink } from '../changeout/changeout-link';
import { FindingLine } from '../finding-line';
import { JobLink } from '../job/job-link';
import { Bench } from './bench';
import { DifferencesList } from './differences-list';
import { ExpectedVolts } from './expected-volts';
import { ExtraBoxes } from './extra-boxes';
import { FaultBench } from './fault-bench';
import { Meter, type MeterMode } from './meter';
import { PowerTable } from './power-table';
import { Schools } from './schools';
import { ShortCable } from './short-cable';
import { TraceList } from './trace-list';
import { useAsFound } from './use-as-found';
import { useBench, useProbes } from './use-bench';
import { VoltsList } from './volts-list';
import { WhatHappens } from './what-happens';
import { WiringFindings } from './wiring-findings';

const CAUTIONS = [
  '24 V terminals sit beside line voltage. Open and prove dead every supply before moving a conductor.',
  'Measure live only if trained.',
  'Colors are convention, not proof: trace them.',
  'The unit’s own wiring label, local code and licensed practice win over this drawing.',
];

export const WiringPage = () => {
  const { facts, moment, model, state, called, findings, differing, traces, report, isSoundPlan } = useBench();
  const found = useAsFound();
  const { harness } = found;
  const { probes, moves, onProbe, onMeasure } = useProbes(harness);
  const [mode, setMode] = useState<MeterMode>('high');
  const [pointed, setPointed] = useState<string | null>(null);
  const suspected = useSearchParams().get(SUSPECTS_QUERY);
  const pointsAt = useMemo(
    () => (pointed === null ? suspectsFrom(suspected) : new Set([pointed])),
    [pointed, suspected],
  );
  const moved = useMemo(() => new Set(differing.map(({ id }) => id)), [differing]);
  const onPoint = useCallback((at: string) => {
    setPointed((now) => (now === at ? null : at));
    document.getElementById('bench')?.scrollIntoView({ block: 'start' });
  }, []);

  return (
    <div className="mx-auto max-w-[82rem] px-3 py-2 sm:px-6">
      <Cautions place="wiring" lines={CAUTIONS} />
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
          <div className="no-print mb-4 grid gap-4 sm:hidden">
            {findings.length > 0 && <WiringFindings findings={findings} onPoint={onPoint} />}
            <VoltsList
              harness={harness}
              state={state}
              onMeasure={(terminal, common) => {
                setMode('high');
                onMeasure(terminal, common);
                document.getElementById('meter')?.scrollIntoView({ block: 'center' });
              }}
            />
          </div>
          <div
            id="bench"
            className="grid scroll-mt-16 grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-4 xl:grid-cols-[minmax(0,1fr)_17rem]"
          >
            <Bench
              found={found}
              state={state}
              called={called}
              probes={probes}
              onTerminal={(ref) => onProbe(moves, ref)}
              onProbe={onProbe}
              pointsAt={pointsAt}
              moved={moved}
            />
            <aside
              id="meter"
              className="no-print grid scroll-mt-16 content-start max-sm:order-first gap-4 sm:grid-cols-2 xl:grid-cols-1"
            >
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
          <Below>
            <div className="no-print mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-2">
              <TraceList traces={traces} note={roomNote(facts, moment)} />
              <div className="grid content-start gap-6">
                {found.isRecorded && <DifferencesList differences={differing} onPoint={onPoint} />}
                <div className="max-sm:hidden">
                  <WiringFindings findings={findings} onPoint={onPoint} />
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
          </Below>
        </>
      )}
    </div>
  );
};
