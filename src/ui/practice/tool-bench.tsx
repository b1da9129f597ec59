'use client';

import { useState } from 'react';
import type { Metering } from '@/core/diagnosis/probes/free';
import { type RoundView, type Seeable, type Tool, TOOLS } from '@/core/practice/view';
import { LocalizedDegrees } from '../degrees/degrees';
import { ProbeBench } from './probe-bench';

/** The meter’s display: the last reading, large. */
const Display = ({ view }: { view: RoundView }) => {
  const last = view.done.findLast(({ seen }) => seen !== null);
  return (
    <div
      className="z-10 border-2 border-line-strong bg-sheet px-4 py-2 max-lg:sticky max-lg:top-0"
      role="status"
      aria-label="Reading"
    >
      {last ? (
        <>
          <p className="font-mono text-3xl font-semibold">
            <LocalizedDegrees>{last.seen!}</LocalizedDegrees>
          </p>
          <p className="text-sm text-quiet">{last.words}</p>
        </>
      ) : (
        <p className="py-2 text-quiet">Nothing read yet.</p>
      )}
    </div>
  );
};

const SeeLine = ({ what, isOpen, isBusy, onSee }: SeeLineProps) => {
  const isShut = what.needsPanel && !isOpen;
  return (
    <li className="border-b border-line">
      <button
        type="button"
        disabled={isBusy}
        className="grid min-h-11 w-full grid-cols-[1fr_auto] items-center gap-x-3 py-1.5 text-left disabled:opacity-60"
        onClick={() => onSee(what.id)}
      >
        <span className="min-w-0">
          <span className="font-medium">{what.words}</span>
          <span className="block text-sm text-quiet">
            <LocalizedDegrees>{what.how}</LocalizedDegrees>
            {isShut && ' The panel is on.'}
          </span>
        </span>
        {what.seen !== null && (
          <span className="font-mono text-sm font-semibold">
            <LocalizedDegrees>{what.seen}</LocalizedDegrees>
          </span>
        )}
      </button>
    </li>
  );
};

interface SeeLineProps {
  readonly what: Seeable;
  readonly isOpen: boolean;
  readonly isBusy: boolean;
  readonly onSee: (id: string) => void;
}

interface BenchProps {
  readonly view: RoundView;
  readonly isBusy: boolean;
  readonly onSee: (id: string) => void;
  readonly onMeter: (held: Metering) => void;
}

/** Looks and measurements possible here, by tool. */
export const ToolBench = ({ view, isBusy, onSee, onMeter }: BenchProps) => {
  const [chosen, setChosen] = useState<Tool>('eyes');
  const here = view.here.filter(({ isInMenu }) => !isInMenu);
  const hasProbes = (tool: Tool) => view.points.length > 0 && (tool === 'ohms' || (tool === 'volts' && !view.isDead));
  const tools = (Object.keys(TOOLS) as Tool[]).filter(
    (tool) => hasProbes(tool) || here.some((what) => what.tool === tool),
  );
  const tool = tools.includes(chosen) ? chosen : tools[0]!;
  const shown = here.filter((what) => what.tool === tool);
  const caution =
    shown.find(({ caution: words }) => words !== null)?.caution ??
    (tool === 'volts' || tool === 'ohms' ? view.minds[tool] : null);
  return (
    <section aria-label="Tools" className="grid grid-cols-1 gap-3">
      <Display view={view} />
      <div role="group" aria-label="Tool in hand" className="flex flex-wrap gap-2">
        {tools.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === tool}
            className="plain-button min-h-11 aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => setChosen(each)}
          >
            {TOOLS[each]}
          </button>
        ))}
      </div>
      {caution && (
        <p className="caution-sign py-2 pr-3 pl-5 text-sm font-medium">
          <b>Caution.</b> {caution}
        </p>
      )}
      {hasProbes(tool) && (
        <ProbeBench points={view.points} isOhms={tool === 'ohms'} isBusy={isBusy} onMeter={onMeter} />
      )}
      <ul>
        {shown.map((what) => (
          <SeeLine key={what.id} what={what} isOpen={view.isOpen} isBusy={isBusy} onSee={onSee} />
        ))}
      </ul>
      {shown.length === 0 && !hasProbes(tool) && <p className="text-quiet">Nothing to check here right now.</p>}
    </section>
  );
};
