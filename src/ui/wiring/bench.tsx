'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { CALLS } from '@/core/control/moment';
import { jobName } from '@/core/job/job-name';
import { calledTerminals } from '@/core/wiring/called';
import { drawing } from '@/core/wiring/drawing';
import { parseRef, type TerminalRef } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { useModel } from '../job/deferred-model';
import { useJob } from '../job/provider';
import { type BenchMode, BenchTools } from './bench-tools';
import { ExportMenu } from './export-menu';
import { Picture } from './picture';
import type { Probes } from './picture-terminal';
import type { AsFound } from './use-as-found';
import { useLanding } from './use-landing';
import { useZoom } from './use-zoom';
import { WireList } from './wire-list';

interface BenchProps {
  readonly found: AsFound;
  readonly state: WiringState;
  readonly probes: Probes;
  readonly onTerminal: (ref: TerminalRef) => void;
  readonly onProbe: (which: 0 | 1, ref: TerminalRef) => void;
  readonly pointsAt: ReadonlySet<string>;
  readonly moved: ReadonlySet<string>;
}

/** The bench: the drawing with its tools, as planned or as found. */
export const Bench = ({ found, state, probes, onTerminal, onProbe, pointsAt, moved }: BenchProps) => {
  const name = useJob((job) => jobName(job.facts));
  const [mode, setMode] = useState<BenchMode>('look');
  const { text } = useDegrees();
  const { state: stateAt } = useModel();
  // Terminals that the call makes live: calculated here, so that input is handled first.
  const called = useMemo(() => calledTerminals(state, stateAt({ ...state.moment, call: 'off' })), [state, stateAt]);
  const picture = useRef<SVGSVGElement>(null);
  const { planned, harness, isRecorded } = found;
  const drawn = useMemo(() => drawing(planned, harness), [planned, harness]);
  const { frame, zoom, steps } = useZoom(drawn.width, drawn.height);
  const { lifted, lift, land, message } = useLanding(found);
  const onPictureTerminal = useCallback(
    (ref: TerminalRef) => (lifted ? land(lifted, `${ref.device}.${ref.mark}`) : onTerminal(ref)),
    [lifted, land, onTerminal],
  );

  return (
    <section aria-label="Bench" className="min-w-0">
      <p className="hidden font-label text-xl font-semibold print:block">
        {name}: wiring {isRecorded ? 'as found' : 'as planned'}, {CALLS[state.moment.call].label.toLowerCase()} at{' '}
        {text(state.moment.outdoorF)} out
      </p>
      <BenchTools found={found} mode={mode} onMode={setMode} zoom={steps}>
        <ExportMenu name={name} harness={harness} state={state} picture={picture} />
      </BenchTools>
      {mode !== 'look' && (
        <p role="status" className="no-print mb-1 min-h-6 text-sm">
          {lifted
            ? 'Now tap the terminal where it lands. Delete removes it; Esc cancels.'
            : message ||
              'Drag a wire end to where you found it; drop it on empty space to remove it. Turn power off before you move the real wire.'}
        </p>
      )}
      {mode === 'list' ? (
        <WireList found={found} />
      ) : (
        <div
          ref={frame}
          className="relative overflow-auto border-y border-line py-1 print:overflow-visible print:border-0"
          role="region"
          aria-label="Drawing"
          tabIndex={0}
        >
          <Picture
            ref={picture}
            drawing={drawn}
            harness={harness}
            state={state}
            called={called}
            probes={probes}
            pointsAt={pointsAt}
            moved={moved}
            zoom={zoom}
            isEditing={mode === 'drawing'}
            lifted={lifted}
            onLift={lift}
            onDrop={land}
            onTerminal={onPictureTerminal}
            onProbe={(which, node) => {
              const ref = parseRef(node);
              if (ref) onProbe(which, ref);
            }}
          />
        </div>
      )}
      {planned.notes.length > 0 && (
        <ul className="mt-1 text-sm text-quiet">
          {planned.notes.map((note) => (
            <li key={note}>
              <LocalizedDegrees>{note}</LocalizedDegrees>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
};
