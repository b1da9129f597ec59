'use client';

import { Maximize2, Minus, Plus, Redo2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useJob } from '../job/provider';
import type { AsFound } from './use-as-found';
import type { ZoomSteps } from './use-zoom';

/** Mode of the bench: view, or record as-found wiring on the drawing or in a list. */
export type BenchMode = 'look' | 'drawing' | 'list';

const CHOSEN = 'plain-button aria-pressed:bg-ink aria-pressed:text-paper';

const IconButton = (props: { label: string; isOff?: boolean; onClick: () => void; children: ReactNode }) => (
  <button
    type="button"
    className="plain-button px-2"
    aria-label={props.label}
    disabled={props.isOff}
    onClick={props.onClick}
  >
    {props.children}
  </button>
);

const UndoRedo = () => {
  const undo = useJob((job) => job.undo);
  const redo = useJob((job) => job.redo);
  const canUndo = useJob((job) => job.undoable.length > 0);
  const canRedo = useJob((job) => job.redoable.length > 0);
  return (
    <>
      <IconButton label="Undo" isOff={!canUndo} onClick={undo}>
        <Undo2 size={18} aria-hidden />
      </IconButton>
      <IconButton label="Redo" isOff={!canRedo} onClick={redo}>
        <Redo2 size={18} aria-hidden />
      </IconButton>
    </>
  );
};

interface BenchToolsProps {
  readonly found: AsFound;
  readonly mode: BenchMode;
  readonly onMode: (mode: BenchMode) => void;
  readonly zoom: ZoomSteps;
  readonly children: ReactNode;
}

/** Bench tools in one row: mode, undo and redo, zoom; reset is last. */
export const BenchTools = ({ found, mode, onMode, zoom, children }: BenchToolsProps) => (
  <div className="no-print mb-2 flex flex-wrap items-center gap-1.5">
    <div role="group" aria-label="What is drawn" className="flex">
      <button type="button" aria-pressed={mode === 'look'} className={CHOSEN} onClick={() => onMode('look')}>
        {found.isRecorded ? 'View' : 'As planned'}
      </button>
      <button
        type="button"
        aria-pressed={mode !== 'look'}
        className={CHOSEN}
        onClick={() => mode === 'look' && onMode('drawing')}
      >
        Record as-found wiring
      </button>
    </div>
    <UndoRedo />
    {mode !== 'look' && (
      <button
        type="button"
        className="plain-button"
        aria-pressed={mode === 'list'}
        onClick={() => onMode(mode === 'list' ? 'drawing' : 'list')}
      >
        {mode === 'list' ? 'As drawing' : 'As list'}
      </button>
    )}
    {mode !== 'look' && found.isRecorded && (
      <button type="button" className="plain-button" onClick={found.forget}>
        Reset to plan
      </button>
    )}
    <span className="grow" />
    <IconButton label="Smaller" onClick={zoom.smaller}>
      <Minus size={18} aria-hidden />
    </IconButton>
    <IconButton label="Fit to the page" onClick={zoom.fit}>
      <Maximize2 size={18} aria-hidden />
    </IconButton>
    <IconButton label="Larger" onClick={zoom.larger}>
      <Plus size={18} aria-hidden />
    </IconButton>
    {children}
  </div>
);
