'use client';

import { useCallback, useMemo, useState } from 'react';
import { checkEquipment } from '@/core/check/equipment';
import { CALLS } from '@/core/control/moment';
import { outdoorId } from '@/core/devices';
import { statesByCall } from '@/core/wiring/behaviour';
import { differences } from '@/core/wiring/differences';
import { faultById } from '@/core/wiring/fault';
import { deviceIn, type Harness, type TerminalRef } from '@/core/wiring/harness';
import { powerReport } from '@/core/wiring/power';
import { refusals } from '@/core/wiring/refusals';
import { wiringState } from '@/core/wiring/state';
import { terminalTable, withValve } from '@/core/wiring/terminal-table';
import { roomNote, traceCall } from '@/core/wiring/trace';
import { FindingLine } from '@/ui/finding-line';
import { useJob } from '@/ui/job/provider';
import { Bench } from '@/ui/wiring/bench';
import { DifferencesList } from '@/ui/wiring/differences-list';
import { FaultBench } from '@/ui/wiring/fault-bench';
import { Meter, type MeterMode } from '@/ui/wiring/meter';
import type { Probes } from '@/ui/wiring/picture-device';
import { PowerTable } from '@/ui/wiring/power-table';
import { Schools } from '@/ui/wiring/schools';
import { TerminalTable } from '@/ui/wiring/terminal-table';
import { TraceList } from '@/ui/wiring/trace-list';
import { TryBox } from '@/ui/wiring/try-box';
import { useAsFound } from '@/ui/wiring/use-as-found';

const WIRING_FACTS =
  /^(system|thermostat|furnace|gates\.outdoorThermostats|outdoorUnit\.(wTerminals|faultOutput|stages)|cables|airHandler\.(wInputs|fuse|transformer))/;

/** Probes as they were put, or, where the system has no such terminal, on the compressor's. */
const standing = (harness: Harness, probes: Probes | null, otherwise: Probes): Probes =>
  probes !== null &&
  probes.every(({ device, mark }) => deviceIn(harness, device)?.terminals.some((terminal) => terminal.mark === mark))
    ? probes
    : otherwise;

const useBenchStates = () => {
  const facts = useJob((job) => job.facts);
  const moment = useJob((job) => job.moment);
  const found = useAsFound();
  const { planned, harness } = found;
  const fault = useMemo(() => faultById(harness, moment.trying), [harness, moment.trying]);
  const state = useMemo(() => wiringState(facts, harness, moment, fault?.fault), [facts, harness, moment, fault]);
  const off = useMemo(
    () => wiringState(facts, harness, { ...moment, call: 'off' }, fault?.fault),
    [facts, harness, moment, fault],
  );
  const sound = useMemo(() => {
    if (harness === planned && !fault) return null;
    const plain = { ...moment, trying: fault ? null : moment.trying };
    return { state: wiringState(facts, planned, plain), off: wiringState(facts, planned, { ...plain, call: 'off' }) };
  }, [facts, harness, planned, moment, fault]);
  return { facts, moment, found, fault, state, off, sound };
};

const WiringPage = () => {
  const { facts, moment, found, fault, state, off, sound } = useBenchStates();
  const { planned, harness } = found;
  const [put, setProbes] = useState<Probes | null>(null);
  const [moves, setMoves] = useState<0 | 1>(0);
  const [mode, setMode] = useState<MeterMode>('volts');
  const [pointsAt, setPointsAt] = useState<string | null>(null);
  const [shownValve, setShownValve] = useState<'O' | 'B' | null>(null);
  const { reversingValve } = facts.outdoorUnit;
  const valve = shownValve ?? reversingValve;

  const outdoors = deviceIn(harness, outdoorId(facts))!;
  const compressorMark = outdoors.terminals.find(({ mark }) => mark.startsWith('Y'))!.mark;
  const probes = standing(harness, put, [
    { device: outdoors.id, mark: compressorMark },
    { device: outdoors.id, mark: 'C' },
  ]);
  const onProbe = (which: 0 | 1, ref: TerminalRef) => {
    setProbes(which === 0 ? [ref, probes[1]] : [probes[0], ref]);
    setMoves(which === 0 ? 1 : 0);
  };
  const refused = useMemo(() => refusals(facts), [facts]);
  const findings = useMemo(
    () =>
      checkEquipment(facts).filter(
        ({ page, fact, rule }) => page === 'wiring' || rule === 'valve-agrees' || (fact && WIRING_FACTS.test(fact)),
      ),
    [facts],
  );
  const differing = useMemo(
    () => (harness === planned ? [] : differences(facts, planned, harness, moment)),
    [facts, planned, harness, moment],
  );
  const moved = useMemo(() => new Set(differing.map(({ id }) => id)), [differing]);
  const traces = useMemo(() => traceCall(facts, planned, harness, state), [facts, planned, harness, state]);
  const report = useMemo(
    () => powerReport(facts, harness, statesByCall(facts, harness, moment, fault?.fault)),
    [facts, harness, moment, fault],
  );
  const rows = useMemo(
    () => terminalTable(valve === reversingValve ? facts : withValve(facts, valve), moment),
    [facts, moment, valve, reversingValve],
  );
  const onPoint = useCallback((at: string) => {
    setPointsAt((now) => (now === at ? null : at));
    document.getElementById('bench')?.scrollIntoView({ block: 'start' });
  }, []);

  return (
    <div className="mx-auto max-w-[82rem] px-3 py-4 sm:px-6">
      <p className="no-print mb-3 border-l-4 border-fail pl-3 text-sm">
        24 V terminals sit beside line voltage. Open and prove dead every supply before moving a conductor; measure live
        only if trained. Colours are convention, not proof: trace them. The unit’s own wiring label, local code and
        licensed practice win over this drawing.
      </p>
      {refused.length > 0 ? (
        <section aria-label="Not planned">
          <h2 className="mb-1 font-label text-2xl font-semibold">This combination is not wired</h2>
          <ul>
            {refused.map((finding) => (
              <FindingLine key={finding.rule} finding={finding} />
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
                state={state}
                off={off}
                sound={sound}
                mode={mode}
                onMode={setMode}
                probes={probes}
                moves={moves}
                onProbe={onProbe}
              />
              <section aria-label="What happens">
                <h2 className="eyebrow">{CALLS[moment.call].label}</h2>
                <p className="text-sm">{CALLS[moment.call].about}</p>
                {[
                  ...state.held.map(({ why }) => why),
                  ...(state.fuseOpenedAtAmps
                    ? [
                        `The board fuse has opened: ${state.fuseOpenedAtAmps.toFixed(1)} A through ${facts.airHandler.fuseAmps} A.`,
                      ]
                    : []),
                ].map((why) => (
                  <p key={why} className="mt-2 border-l-4 border-ember pl-2 text-sm font-medium">
                    {why}
                  </p>
                ))}
                {state.chattering.length > 0 && (
                  <p className="mt-2 border-l-4 border-fail pl-2 text-sm font-semibold">
                    Chatters: {state.chattering.join(', ')}.
                  </p>
                )}
                <p className="mt-1 mb-2 font-mono text-sm text-quiet">
                  {state.solution.sourceAmps.toFixed(2)} A from the transformer
                </p>
                <TryBox fault={fault} />
              </section>
            </aside>
          </div>
          <div className="no-print mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-2">
            <TraceList traces={traces} note={roomNote(facts, moment)} />
            <div className="grid content-start gap-6">
              {found.isRecorded && <DifferencesList differences={differing} onPoint={onPoint} />}
              <section aria-label="Findings">
                <h2 className="mb-1 font-label text-2xl font-semibold">Findings</h2>
                {findings.length === 0 && <p className="text-quiet">Nothing to mend in the wiring.</p>}
                <ul>
                  {findings.map((finding) => (
                    <FindingLine key={finding.rule + finding.what} finding={finding} onPoint={onPoint} />
                  ))}
                </ul>
              </section>
              <PowerTable report={report} />
              <Schools />
            </div>
          </div>
          <section className="no-print mt-6">
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
          <div className="no-print">
            <FaultBench harness={harness} />
          </div>
        </>
      )}
    </div>
  );
};

export default WiringPage;
