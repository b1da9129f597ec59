'use client';

import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, useMemo, useRef } from 'react';
import { clockAt, DAY_MIN, dayAt } from '@/core/simulation/clock';
import type { DayRun } from '@/core/simulation/day/day';
import type { DayEvent } from '@/core/simulation/day/day-events';
import { tickAt, tickCount } from '@/core/simulation/day/ticks';
import { useDegrees } from '../degrees/degrees';
import { useNarrow } from '../kit/screen';
import { useCursor } from './cursor';
import { CursorLine } from './cursor-line';
import { RowLabel } from './row-label';
import { StripCurve } from './strip-curve';
import { StripLane } from './strip-lane';
import type { StripRow } from './strip-rows';
import { timeMarks } from './time-marks';

const LANE_PX = 26;
/** A run this short is shown in minutes and seconds. */
const MOMENT_MIN = 60;

interface StripProps {
  readonly label: string;
  readonly run: DayRun;
  readonly rows: readonly StripRow[];
  readonly events: readonly DayEvent[];
  /** Called with the minute that the cursor was moved to by hand. */
  readonly onMove: (atMin: number) => void;
}

/** Minutes per key press. */
const KEY_MIN: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -60,
  PageUp: 60,
};

/** The next or previous event from a minute; null: none. */
export const nearEvent = (events: readonly DayEvent[], atMin: number, isNext: boolean): DayEvent | null =>
  (isNext ? events.find((event) => event.atMin > atMin) : events.findLast((event) => event.atMin < atMin)) ?? null;

/** A minute of a run in words. */
export const whenText = (atMin: number, minutes: number): string =>
  minutes <= MOMENT_MIN
    ? `${Math.floor(atMin)} min ${Math.round((atMin % 1) * 60)} s`
    : minutes <= DAY_MIN
      ? clockAt(atMin)
      : `day ${dayAt(atMin)}, ${clockAt(atMin)}`;

/**
 * A run on one time axis: a lane per source, and curves below. One cursor spans all of it, moved by hand, by key, or
 * playing.
 */
export const Strip = ({ label, run, rows, events, onMove }: StripProps) => {
  const isNarrow = useNarrow();
  const degrees = useDegrees();
  const minutes = tickCount(run) * run.stepMin;
  const marks = useMemo(() => timeMarks(minutes, isNarrow), [minutes, isNarrow]);
  const track = useRef<HTMLDivElement>(null);
  const atMin = useCursor((cursor) => cursor.atMin);
  const tick = tickAt(run, atMin);
  const drag = useDrag(
    ({ xy: [x] }) => {
      const { left, width } = track.current!.getBoundingClientRect();
      const share = Math.min(1, Math.max(0, (x - left) / width));
      onMove(Math.min(minutes - run.stepMin, Math.round((share * minutes) / run.stepMin) * run.stepMin));
    },
    { pointer: { keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    const isEvent = event.shiftKey && /^Arrow(Left|Right)$/.test(event.key);
    const near = isEvent ? nearEvent(events, atMin, event.key === 'ArrowRight') : null;
    const to = isEvent
      ? (near?.atMin ?? atMin)
      : event.key === 'Home'
        ? 0
        : event.key === 'End'
          ? minutes - run.stepMin
          : event.key in KEY_MIN
            ? atMin + KEY_MIN[event.key]!
            : null;
    if (to === null) return;
    event.preventDefault();
    onMove(Math.max(0, Math.min(minutes - run.stepMin, to)));
  };
  const heightOf = (row: StripRow) => (row.kind === 'lane' ? LANE_PX : row.heightPx);
  return (
    <section aria-label={label} className="select-none">
      <div className="grid grid-cols-[6.75rem_minmax(0,1fr)] sm:grid-cols-[11rem_minmax(0,1fr)]">
        <div>
          <div className="h-6" />
          {rows.map((row) => (
            <div key={row.id} className="flex items-center border-t border-line" style={{ height: heightOf(row) + 1 }}>
              <div className="min-w-0 flex-1">
                <RowLabel row={row} run={run} />
              </div>
            </div>
          ))}
        </div>
        <div className="min-w-0">
          <div aria-hidden className="relative h-6 overflow-x-clip">
            {marks.map((mark) => (
              <span
                key={mark.atMin}
                className="absolute bottom-0 border-l border-line-strong pl-1 font-mono text-xs whitespace-nowrap text-quiet"
                style={{ left: `${(100 * mark.atMin) / minutes}%` }}
              >
                {mark.label}
              </span>
            ))}
          </div>
          <div
            ref={track}
            role="slider"
            tabIndex={0}
            aria-label="Time in the run"
            aria-valuemin={0}
            aria-valuemax={minutes - run.stepMin}
            aria-valuenow={atMin}
            aria-valuetext={`${whenText(atMin, minutes)}: room ${degrees.text(run.trace.roomF[tick]!, 1)}, ${degrees.text(run.trace.outdoorF[tick]!, 0)} out`}
            className="relative cursor-ew-resize touch-pan-y"
            onKeyDown={onKeyDown}
            {...drag()}
          >
            {marks.map((mark) => (
              <span
                key={mark.atMin}
                aria-hidden
                className="absolute inset-y-0 border-l border-line"
                style={{ left: `${(100 * mark.atMin) / minutes}%` }}
              />
            ))}
            {rows.map((row) => (
              <div key={row.id} className="relative border-t border-line" style={{ height: heightOf(row) + 1 }}>
                {row.kind === 'lane' ? (
                  <StripLane row={row} trace={run.trace} />
                ) : (
                  <StripCurve row={row} trace={run.trace} />
                )}
              </div>
            ))}
            <CursorLine minutes={minutes} />
          </div>
        </div>
      </div>
    </section>
  );
};
