'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { checkEquipment } from '@/core/check/equipment';
import { CALLS } from '@/core/control/moment';
import { kitRows } from '@/core/job/kit-rows';
import { currentReadings } from '@/core/job/reading';
import { type ClampAt, clampId, clampPlaces, clampReach, expectedAmpsNow } from '@/core/strips/clamp';
import { STRIP_VOLTS_ITEM } from '@/core/strips/evidence';
import { ladderState } from '@/core/strips/ladder-state';
import { partPanel } from '@/core/strips/parts';
import { ChoiceBox } from '@/ui/fields/choice-box';
import { FindingsList } from '@/ui/findings-list';
import { useJob } from '@/ui/job/provider';
import { PersonLine } from '@/ui/person-line';
import { AirflowByRise } from '@/ui/strips/airflow-by-rise';
import { ClampReading } from '@/ui/strips/clamp-reading';
import { ExpectedTable } from '@/ui/strips/expected-table';
import { FindKit } from '@/ui/strips/find-kit';
import { KitFitTable } from '@/ui/strips/kit-fit-table';
import type { PartAt } from '@/ui/strips/ladder/drawing';
import { LadderDrawing } from '@/ui/strips/ladder/ladder-drawing';
import { ProveDead } from '@/ui/strips/prove-dead';
import { SecondSlider } from '@/ui/strips/second-slider';

/** Seconds that the clock goes on past the slowest switch. */
const AFTERWARDS_S = 15;

const StripsPage = () => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const setCall = useJob((job) => job.setCall);
  const id = useJob((job) => job.saved.id);
  const [seconds, setSeconds] = useState(0);
  const [part, setPart] = useState<PartAt | null>(null);
  const [clamp, setClamp] = useState<ClampAt>({ kind: 'main' });
  const [openBreakers, setOpenBreakers] = useState<ReadonlySet<number>>(new Set());
  const measured = useMemo(() => currentReadings(readings).get(STRIP_VOLTS_ITEM)?.value, [readings]);
  const volts = typeof measured === 'number' ? measured : facts.heatKit.serviceVolts;
  const state = useMemo(
    () => ladderState(facts, moment, seconds, volts, openBreakers),
    [facts, moment, seconds, volts, openBreakers],
  );
  const findings = useMemo(
    () => checkEquipment(facts, readings).filter(({ page, fact }) => page === 'strips' || fact?.startsWith('heatKit.')),
    [facts, readings],
  );
  if (facts.system.backup === 'furnace')
    return (
      <p className="mx-auto max-w-xl px-4 py-10 text-lg">
        The backup of this job is a furnace: there are no strips. Its wiring is on{' '}
        <Link href={`/jobs/${id}/wiring`} className="underline underline-offset-4">
          Wiring
        </Link>
        , its readings are on{' '}
        <Link href={`/jobs/${id}/startup`} className="underline underline-offset-4">
          Startup
        </Link>
        .
      </p>
    );
  if (kitRows(facts).length === 0) {
    return (
      <div className="mx-auto max-w-xl px-4 py-10 text-lg">
        <p>No heat kit is on the Sheet. Enter its elements there, or find it from what you can measure.</p>
        <Link href={`/jobs/${id}/sheet#heatKit.elements`} className="strong-button mt-4">
          Enter the elements
        </Link>
        <div className="mt-8">
          <FindKit />
        </div>
      </div>
    );
  }
  const picked = part && state.rungs.find(({ rung }) => rung.at === part.element);
  const panel = part && picked ? partPanel(part.kind, picked.rung, volts, state.ladder.switching) : null;
  const toggleBreaker = (at: number) => {
    const next = new Set(openBreakers);
    if (!next.delete(at)) next.add(at);
    setOpenBreakers(next);
    const first = state.ladder.circuits[at]?.rungs[0];
    if (first) setPart({ kind: 'breaker', element: first.at });
  };
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <p className="mb-3 border-l-4 border-fail bg-fail-wash px-3 py-2 text-sm">
        Line voltage is lethal. One leg of each element stays live with its switch open: only its breaker makes it dead.
        Open, lock out and prove dead every supply before hands go in.
      </p>
      <div className="gap-8 lg:flex">
        <section aria-label="Ladder" className="lg:w-[38rem] lg:shrink-0 [@media(max-height:500px)]:lg:w-full">
          <div className="mb-2 flex flex-wrap items-center gap-2">
            {(['off', 'heat-aux', 'emergency'] as const).map((call) => (
              <button
                key={call}
                type="button"
                aria-pressed={moment.call === call}
                onClick={() => {
                  setCall(call);
                  setSeconds(0);
                }}
                className="plain-button aria-pressed:bg-ink aria-pressed:text-paper"
              >
                {CALLS[call].short}
              </button>
            ))}
            <span className="text-sm text-quiet">{CALLS[moment.call].label}: seconds since it began</span>
          </div>
          <SecondSlider seconds={seconds} mostS={state.settlesS + AFTERWARDS_S} onChange={setSeconds} />
          <LadderDrawing
            state={state}
            suppliedVolts={volts}
            openBreakers={openBreakers}
            part={part}
            clamp={clamp}
            onPart={setPart}
            onClamp={setClamp}
            onBreaker={toggleBreaker}
          />
        </section>
        <div className="mt-4 min-w-0 flex-1 lg:mt-0">
          {panel && (
            <section aria-label="Part" className="mb-5 border-2 border-ink bg-sheet p-3">
              <h2 className="font-label text-xl font-semibold">{panel.title}</h2>
              <p className="text-sm">{panel.purpose}</p>
              <dl className="mt-2 space-y-1 text-sm">
                {(
                  [
                    ['Fails', panel.fails],
                    ['Cold', panel.cold],
                    ['Live', panel.live],
                  ] as const
                ).map(([term, words]) => (
                  <div key={term} className="grid grid-cols-[3rem_1fr]">
                    <dt className="font-semibold">{term}</dt>
                    <dd>{words}</dd>
                  </div>
                ))}
              </dl>
              <p className="mt-2 border-l-4 border-fail pl-2 text-sm font-medium">{panel.caution}</p>
            </section>
          )}
          {!panel && (
            <p className="mb-4 text-sm text-quiet">
              Tap a part for what it is for, how it fails and what it reads. Tap a ring to put the clamp there.
            </p>
          )}
          <section aria-label="Clamp">
            <ChoiceBox
              label="Clamp around"
              options={clampPlaces(facts).map((place) => ({
                value: clampId(place),
                label: clampReach(facts, place).label,
              }))}
              value={clampId(clamp)}
              onCommit={(chosen) =>
                setClamp(clampPlaces(facts).find((place) => clampId(place) === chosen) ?? { kind: 'main' })
              }
            />
            <h2 className="eyebrow mt-3">Expected in the clamp now</h2>
            <p aria-live="polite" className="font-mono text-5xl font-semibold">
              {expectedAmpsNow(facts, clamp, state, volts).toFixed(1)}
              <span className="text-xl font-normal text-quiet"> A</span>
            </p>
            <p className="text-sm">
              {clampReach(facts, clamp).label}, {seconds} s after the call, {volts} V
              {typeof measured === 'number' ? ' measured' : ' of service'}
            </p>
          </section>
          <PersonLine />
          <ClampReading clamp={clamp} state={state} measuredVolts={typeof measured === 'number' ? measured : null} />
        </div>
      </div>
      <FindingsList findings={findings} />
      <div className="mt-8 grid gap-8 lg:grid-cols-2">
        <ExpectedTable volts={volts} />
        <KitFitTable volts={volts} />
        <ProveDead />
        <FindKit />
        <AirflowByRise />
      </div>
    </div>
  );
};

export default StripsPage;
