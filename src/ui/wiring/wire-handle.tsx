'use client';

import { useDrag } from '@use-gesture/react';
import { useRef } from 'react';
import type { WireEnd } from '@/core/wiring/as-found';
import type { DrawnEnd, DrawnWire } from '@/core/wiring/drawing';
import { colorName, refWords, type WireId } from '@/core/wiring/harness';
import { INSULATION } from '../theme/wire-colors';
import { terminalUnder } from './terminal-under';

/** A lifted end of a conductor, to land elsewhere. */
export interface Lifted {
  readonly wire: WireId;
  readonly end: WireEnd;
}

interface HandleProps {
  readonly wire: DrawnWire;
  readonly end: DrawnEnd;
  readonly isLifted: boolean;
  /** Zoom of the drawing. */
  readonly zoom: number;
  /** Drawing units per screen pixel. */
  readonly unitsPerPixel: () => number;
  readonly onLift: (lifted: Lifted | null) => void;
  /** Dropped on a terminal (`device.mark`), or on nothing. */
  readonly onDrop: (lifted: Lifted, node: string | null) => void;
}

/** Half of the touch target, px: with the whole drawing fitted, and zoomed. */
const HOLD_PX = { fitted: 12, zoomed: 22 } as const;
/** Minimum in drawing units. */
const LEAST_HOLD = 13;

const holdRadius = (zoom: number): number => Math.max(LEAST_HOLD, (zoom > 1 ? HOLD_PX.zoomed : HOLD_PX.fitted) / zoom);

/**
 * A draggable wire end: drag it to a terminal; or press Enter on it, then on a terminal. Only one line moves while
 * dragging, so that a full bench keeps up.
 */
export const WireHandle = ({ wire, end, isLifted, zoom, unitsPerPixel, onLift, onDrop }: HandleProps) => {
  const line = useRef<SVGLineElement>(null);
  const lifted: Lifted = { wire: wire.id, end: end.end };
  const where = end.ref ? `at ${refWords(end.ref)}` : 'loose';
  const bind = useDrag(
    ({ movement: [dx, dy], xy: [x, y], first, last, tap, event }) => {
      event.stopPropagation();
      if (tap) return onLift(isLifted ? null : lifted);
      if (first) onLift(lifted);
      const scale = unitsPerPixel();
      line.current?.setAttribute('x2', String(end.x + dx * scale));
      line.current?.setAttribute('y2', String(end.y + dy * scale));
      line.current?.setAttribute('visibility', last ? 'hidden' : 'visible');
      if (last) onDrop(lifted, terminalUnder(x, y));
    },
    { filterTaps: true, threshold: 6, pointer: { touch: true, keys: false } },
  );
  return (
    <g>
      <line
        ref={line}
        x1={end.x}
        y1={end.y}
        x2={end.x}
        y2={end.y}
        visibility="hidden"
        stroke="var(--ink)"
        strokeWidth={3}
        strokeDasharray="6 4"
        pointerEvents="none"
      />
      <g
        {...bind()}
        role="button"
        tabIndex={0}
        data-end={`${wire.id} ${end.end}`}
        aria-pressed={isLifted}
        aria-label={`${colorName(wire.colour)} of the ${wire.cable.label.toLowerCase()}, ${end.end === 'from' ? 'first' : 'second'} end, ${where}`}
        className="cursor-grab touch-none focus:outline-none [&:focus-visible>circle:last-of-type]:stroke-[5px]"
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === ' ') onLift(isLifted ? null : lifted);
          else if (event.key === 'Delete' || event.key === 'Backspace') onDrop(lifted, null);
          else if (event.key === 'Escape') onLift(null);
          else return;
          event.preventDefault();
          event.stopPropagation();
        }}
      >
        <circle cx={end.x} cy={end.y} r={holdRadius(zoom)} fill="transparent" />
        <circle
          cx={end.x}
          cy={end.y}
          r={isLifted ? 9 : 6.5}
          fill={wire.colour ? INSULATION[wire.colour] : 'var(--paper)'}
          stroke={isLifted ? 'var(--saffron)' : 'var(--ink)'}
          strokeWidth={isLifted ? 4 : 1.5}
        />
      </g>
    </g>
  );
};
