'use client';

import { useMemo, useState } from 'react';
import { check } from '@/core/check';
import { CALLS } from '@/core/control/moment';
import { DEVICE_LABELS } from '@/core/devices/device';
import { diagram } from '@/core/wiring/diagram';
import type { TerminalRef } from '@/core/wiring/harness';
import { plan } from '@/core/wiring/plan';
import { meterVolts, wiringState } from '@/core/wiring/state';
import { terminalTable, withValve } from '@/core/wiring/terminal-table';
import { FindingsList } from '@/ui/findings-list';
import { useJob } from '@/ui/job/provider';
import { Bench, type Probes } from '@/ui/wiring/bench';
import { TerminalTable } from '@/ui/wiring/terminal-table';

const refWords = ({ device, mark }: TerminalRef) => `${DEVICE_LABELS[device].toLowerCase()} ${mark}`;

const WiringPage = () => {
  const facts = useJob((job) => job.facts);
  const moment = useJob((job) => job.moment);
  const [probes, setProbes] = useState<Probes>([
    { device: 'outdoor-unit', mark: 'Y' },
    { device: 'outdoor-unit', mark: 'C' },
  ]);
  const [moves, setMoves] = useState<0 | 1>(0);
  const [shownValve, setShownValve] = useState<'O' | 'B' | null>(null);
  const harness = useMemo(() => plan(facts), [facts]);
  const drawn = useMemo(() => diagram(harness), [harness]);
  const state = useMemo(() => wiringState(facts, harness, moment), [facts, harness, moment]);
  const { reversingValve } = facts.outdoorUnit;
  const valve = shownValve ?? reversingValve;
  const rows = useMemo(() => terminalTable(valve === reversingValve ? facts : withValve(facts, valve), moment), [facts, moment, valve, reversingValve]);
  const findings = useMemo(() => check(facts).filter(({ page, rule }) => page === 'wiring' || rule === 'valve-agrees' || rule === 'kit-reached'), [facts]);
  const onProbe = (at: TerminalRef) => {
    setProbes(moves === 0 ? [at, probes[1]] : [probes[0], at]);
    setMoves(moves === 0 ? 1 : 0);
  };
  const volts = meterVolts(state, ...probes);
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <div className="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_16rem]">
        <section aria-label="Meter" className="lg:col-start-2">
          <h2 className="eyebrow">Meter, AC volts</h2>
          <div className="flex flex-wrap items-end gap-x-4 lg:block">
            <p aria-live="polite" className="font-mono text-5xl font-semibold">
              {volts.toFixed(1)}
              <span className="text-xl font-normal text-quiet"> V</span>
            </p>
            <p className="text-sm lg:mt-1">
              ▲ {refWords(probes[0])}
              <br />■ {refWords(probes[1])}
            </p>
          </div>
          <p className="mt-1 text-sm text-quiet">Tap two terminals. The next tap moves probe {moves === 0 ? '▲' : '■'}.</p>
        </section>
        <section aria-label="Wiring" className="min-w-0 lg:col-start-1 lg:row-span-2 lg:row-start-1">
          <Bench diagram={drawn} state={state} probes={probes} onProbe={onProbe} />
        </section>
        <section aria-label="What happens" className="lg:col-start-2">
          <h2 className="eyebrow">{CALLS[moment.call].label}</h2>
          <p className="text-sm">{CALLS[moment.call].about}</p>
          {state.held.map(({ why }) => (
            <p key={why} className="mt-2 border-l-4 border-ember pl-2 text-sm font-medium">
              {why}
            </p>
          ))}
          <ul className="mt-2 space-y-1 text-sm">
            {harness.devices
              .flatMap(({ coils }) => coils)
              .filter(({ id }) => state.energised.has(id))
              .map((coil) => (
                <li key={coil.id}>
                  <b>{coil.label}</b> {coil.does}
                </li>
              ))}
          </ul>
          <p className="mt-2 font-mono text-sm text-quiet">{state.solution.sourceAmps.toFixed(2)} A from the transformer</p>
        </section>
      </div>
      <p className="mt-5 border-l-4 border-fail pl-3 text-sm">
        24 V terminals sit beside line voltage. Open and prove dead every supply before moving a conductor; measure live only if trained. Colours are
        convention, not proof: trace them. The unit’s own wiring label wins over this drawing.
      </p>
      <FindingsList findings={findings} />
      <section className="mt-6">
        <div className="mb-2 flex flex-wrap items-end justify-between gap-2">
          <h2 className="font-label text-2xl font-semibold">Expected at the terminals, V</h2>
          <div role="group" aria-label="Reversing valve shown" className="flex">
            {(['O', 'B'] as const).map((each) => (
              <button
                key={each}
                type="button"
                aria-pressed={valve === each}
                onClick={() => setShownValve(each)}
                className="plain-button aria-pressed:bg-ink aria-pressed:text-paper"
              >
                {each} system{each === reversingValve ? ' (this one)' : ''}
              </button>
            ))}
          </div>
        </div>
        <TerminalTable rows={rows} call={moment.call} />
      </section>
    </div>
  );
};

export default WiringPage;
