'use client';

import { useDrag } from '@use-gesture/react';
import { useRef } from 'react';
import { PROBE_SIGNS } from './picture-terminal';
import { terminalUnder } from './terminal-under';

interface ProbeProps {
  readonly which: 0 | 1;
  readonly x: number;
  readonly y: number;
  /** Drawing units per screen pixel. */
  readonly unitsPerPixel: () => number;
  /** Dropped on a terminal; a drop elsewhere leaves the probe where it was. */
  readonly onDrop: (which: 0 | 1, node: string) => void;
}

/**
 * A meter probe on the drawing: drag it to a terminal. For the keyboard there are the meter's lists and the terminals
 * themselves.
 */
export const ProbeHandle = ({ which, x, y, unitsPerPixel, onDrop }: ProbeProps) => {
  const mark = useRef<SVGGElement>(null);
  const bind = useDrag(
    ({ movement: [dx, dy], xy: [toX, toY], last, event }) => {
      event.stopPropagation();
      const scale = unitsPerPixel();
      mark.current?.setAttribute('transform', last ? '' : `translate(${dx * scale} ${dy * scale})`);
      const node = last ? terminalUnder(toX, toY) : null;
      if (node) onDrop(which, node);
    },
    { filterTaps: true, pointer: { touch: true, keys: false } },
  );
  return (
    <g {...bind()} ref={mark} data-probe={which} aria-hidden className="cursor-grab touch-none">
      <circle cx={x} cy={y} r={16} fill="transparent" />
      <circle cx={x} cy={y} r={10} fill="var(--ink)" />
      <text x={x} y={y + 4} fontSize={13} textAnchor="middle" fill="var(--paper)">
        {PROBE_SIGNS[which]}
      </text>
    </g>
  );
};
