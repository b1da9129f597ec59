'use client';

import { useSearchParams } from 'next/navigation';
import { useCallback, useMemo, useState } from 'react';
import { SUSPECTS_QUERY, suspectsFrom } from '@/core/diagnosis/suspected-parts';
import { findingKey } from '@/core/job/finding';
import { FindingLine } from '../findings/finding-line';
import { DeferBelowFold } from '../loading/defer-below-fold';
import { lazyBelowFold } from '../loading/lazy-below-fold';
import { Cautions } from '../stop-work/cautions';
import { Bench } from './bench';
import { Consequences } from './consequences';
import { Meter, type MeterMode } from './meter';
import { PointProvider } from './point';
import { useAsFound } from './use-as-found';
import { useBench, useProbes } from './use-bench';
import { VoltsList } from './volts-list';

const WiringBelow = lazyBelowFold(() => import('./wiring-below').then((module) => module.WiringBelow));
const WiringAnswer = lazyBelowFold(() => import('./wiring-findings').then((module) => module.WiringAnswer));
const WiringFindingsFirst = lazyBelowFold(() =>
  import('./wiring-findings').then((module) => module.WiringFindingsFirst),
);

const CAUTIONS = [
  '24 V terminals sit beside line voltage. Open and verify every supply dead before moving a conductor.',
  'Measure live only if trained.',
  'Colors are convention, not proof: trace them.',
  'The unit’s own wiring label, local code and licensed practice win over this drawing.',
];

export const WiringPage = () => {
  const { model, state, moved, isSoundPlan } = useBench();
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
  const onPoint = useCallback((at: string) => {
    setPointed((now) => (now === at ? null : at));
    document.getElementById('bench')?.scrollIntoView({ block: 'start' });
  }, []);

  return (
    <PointProvider value={onPoint}>
      <div className="mx-auto max-w-[100rem] px-3 py-2 sm:px-6">
        <Cautions place="wiring" lines={CAUTIONS} />
        {model.refused.length > 0 ? (
          <section aria-label="Not supported">
            <h2 className="mb-1 part-head">This combination is not supported</h2>
            <ul>
              {model.refused.map((finding) => (
                <FindingLine key={findingKey(finding)} finding={finding} />
              ))}
            </ul>
          </section>
        ) : (
          <>
            <div className="no-print min-h-8">
              <WiringAnswer />
            </div>
            <div className="no-print mb-4 grid gap-4 sm:hidden">
              <WiringFindingsFirst />
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
                <Consequences harness={harness} state={state} />
              </aside>
            </div>
            <DeferBelowFold>
              <WiringBelow />
            </DeferBelowFold>
          </>
        )}
      </div>
    </PointProvider>
  );
};
