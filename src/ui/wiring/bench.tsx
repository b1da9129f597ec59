'use client';

import { Maximize2, Minus, Plus, Redo2, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { CALLS } from '@/core/control/moment';
import { jobName } from '@/core/job/document';
import { landEnd } from '@/core/wiring/as-found';
import { drawing, mayLand } from '@/core/wiring/drawing';
import { parseRef, refWords, type TerminalRef } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { useJob } from '../job/provider';
import { ExportMenu } from './export-menu';
import { Picture } from './picture';
import type { Probes } from './picture-device';
import type { AsFound } from './use-as-found';
import type { Lifted } from './wire-handle';
import { WireList } from './wire-list';

type View = 'drawing' | 'list';
const ZOOM_STEP = 1.25;
const ZOOM_BOUNDS = [0.35, 2.5] as const;
const bounded = (zoom: number) => Math.min(ZOOM_BOUNDS[1], Math.max(ZOOM_BOUNDS[0], zoom));

interface BenchProps {
  readonly found: AsFound;
  readonly state: WiringState;
  readonly probes: Probes;
  readonly onTerminal: (ref: TerminalRef) => void;
  readonly onProbe: (which: 0 | 1, ref: TerminalRef) => void;
  readonly pointsAt: string | null;
  readonly moved: ReadonlySet<string>;
}

/** The bench: the drawing with its tools, as planned or as found. */
export const Bench = ({ found, state, probes, onTerminal, onProbe, pointsAt, moved }: BenchProps) => {
  const name = useJob((job) => jobName(job.facts));
  const undo = useJob((job) => job.undo);
  const redo = useJob((job) => job.redo);
  const canUndo = useJob((job) => job.undoable.length > 0);
  const canRedo = useJob((job) => job.redoable.length > 0);
  const [isEditing, setIsEditing] = useState(false);
  const [view, setView] = useState<View>('drawing');
  const [zoom, setZoom] = useState(1);
  const [lifted, setLifted] = useState<Lifted | null>(null);
  const [message, setMessage] = useState('');
  const picture = useRef<SVGSVGElement>(null);
  const frame = useRef<HTMLDivElement>(null);
  const { planned, harness, rows, setRows, isRecorded, forget } = found;
  const drawn = useMemo(() => drawing(planned, harness), [planned, harness]);

  const fit = useCallback(() => {
    const width = frame.current?.clientWidth ?? drawn.width;
    setZoom(bounded(Math.min(1.2, width / drawn.width)));
  }, [drawn.width]);
  useEffect(() => {
    // On a phone the whole is too small to read: there it starts larger and is panned.
    const width = frame.current?.clientWidth ?? drawn.width;
    setZoom(bounded(Math.max(0.62, Math.min(1.2, width / drawn.width))));
  }, [drawn.width]);

  const land = useCallback(
    (held: Lifted, node: string | null) => {
      setLifted(null);
      const ref = node === null ? null : parseRef(node);
      const conductor = harness.conductors.find(({ id }) => id === held.wire);
      const cable = harness.cables.find(({ id }) => id === conductor?.cable);
      if (!conductor || !cable) return;
      if (ref && !mayLand(harness, cable, held.end, ref.device)) {
        setMessage(`The ${cable.label.toLowerCase()} does not reach there with this end.`);
        return;
      }
      setMessage(
        ref
          ? `${conductor.colour ?? 'Conductor'} landed on the ${refWords(ref)}.`
          : `${conductor.colour ?? 'Conductor'} taken off.`,
      );
      setRows(landEnd(rows, held.wire, held.end, ref));
    },
    [harness, rows, setRows],
  );
  const onPictureTerminal = useCallback(
    (ref: TerminalRef) => (lifted ? land(lifted, `${ref.device}.${ref.mark}`) : onTerminal(ref)),
    [lifted, land, onTerminal],
  );

  return (
    <section aria-label="Bench" className="min-w-0">
      <p className="hidden font-label text-xl font-semibold print:block">
        {name}: wiring {isRecorded ? 'as found' : 'as planned'}, {CALLS[state.moment.call].label.toLowerCase()} at{' '}
        {state.moment.outdoorF} °F out
      </p>
      <div className="no-print mb-2 flex flex-wrap items-center gap-1.5">
        <div role="group" aria-label="What is drawn" className="flex">
          <button
            type="button"
            aria-pressed={!isEditing}
            className="plain-button aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => setIsEditing(false)}
          >
            {isRecorded ? 'Look' : 'As planned'}
          </button>
          <button
            type="button"
            aria-pressed={isEditing}
            className="plain-button aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => setIsEditing(true)}
          >
            Enter as found
          </button>
        </div>
        <button type="button" className="plain-button px-2" aria-label="Undo" disabled={!canUndo} onClick={undo}>
          <Undo2 size={18} aria-hidden />
        </button>
        <button type="button" className="plain-button px-2" aria-label="Redo" disabled={!canRedo} onClick={redo}>
          <Redo2 size={18} aria-hidden />
        </button>
        {isEditing && (
          <button
            type="button"
            className="plain-button"
            aria-pressed={view === 'list'}
            onClick={() => setView(view === 'list' ? 'drawing' : 'list')}
          >
            {view === 'list' ? 'As drawing' : 'As list'}
          </button>
        )}
        {isEditing && isRecorded && (
          <button type="button" className="plain-button" onClick={forget}>
            All as planned
          </button>
        )}
        <span className="grow" />
        <button
          type="button"
          className="plain-button px-2"
          aria-label="Smaller"
          onClick={() => setZoom((now) => bounded(now / ZOOM_STEP))}
        >
          <Minus size={18} aria-hidden />
        </button>
        <button type="button" className="plain-button px-2" aria-label="Fit to the page" onClick={fit}>
          <Maximize2 size={18} aria-hidden />
        </button>
        <button
          type="button"
          className="plain-button px-2"
          aria-label="Larger"
          onClick={() => setZoom((now) => bounded(now * ZOOM_STEP))}
        >
          <Plus size={18} aria-hidden />
        </button>
        <ExportMenu name={name} harness={harness} state={state} picture={picture} />
      </div>
      {isEditing && (
        <p role="status" className="no-print mb-1 min-h-6 text-sm">
          {lifted
            ? 'Now tap the terminal it lands on; Delete takes it off, Esc lets go.'
            : message ||
              'Drag a wire’s end to where you found it; drop it on nothing to take it off. Power off before you move the real one.'}
        </p>
      )}
      {isEditing && view === 'list' ? (
        <WireList found={found} />
      ) : (
        <div
          ref={frame}
          className="overflow-auto border-y border-line py-2 print:overflow-visible print:border-0"
          tabIndex={-1}
        >
          <Picture
            ref={picture}
            drawing={drawn}
            harness={harness}
            state={state}
            probes={probes}
            pointsAt={pointsAt}
            moved={moved}
            zoom={zoom}
            isEditing={isEditing}
            lifted={lifted}
            onLift={setLifted}
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
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
    </section>
  );
};
