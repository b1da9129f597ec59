'use client';

import { useMemo } from 'react';
import type { DayRun } from '@/core/simulation/day/day';
import { stripLine } from '@/core/simulation/day/strip-lines';
import { tickAt } from '@/core/simulation/day/ticks';
import { useDegrees } from '../degrees/degrees';
import { useCursor } from './cursor';
import { curveFigure, curveText, type StripRow } from './strip-rows';

/** Row height from which its span is shown. */
const TALL_PX = 50;

/** A row's name, and its value at the cursor. */
export const RowLabel = ({ row, run }: { row: StripRow; run: DayRun }) => {
  const tick = useCursor((cursor) => tickAt(run, cursor.atMin));
  const degrees = useDegrees();
  const value =
    row.kind === 'lane'
      ? row.says(run.trace, tick)
      : curveText(row, row.lines.at(-1)!.values(run.trace)[tick]!, degrees);
  const range = useMemo(() => {
    if (row.kind === 'lane') return '';
    const values = row.lines.at(-1)!.values(run.trace);
    const { least, most } = stripLine(values, 2);
    return `${curveFigure(row, least, degrees)} to ${curveFigure(row, most, degrees)}`;
  }, [row, run, degrees]);
  return (
    <span
      className={`flex min-w-0 items-baseline justify-between gap-x-1.5 overflow-hidden pr-2 ${row.kind === 'curve' ? 'flex-wrap' : ''}`}
    >
      <span className="min-w-0 font-label font-semibold max-sm:leading-none">{row.label}</span>
      <span className="font-mono text-sm whitespace-nowrap max-sm:text-xs">{value}</span>
      {row.kind === 'curve' && row.heightPx > TALL_PX && (
        <span className="w-full font-mono text-xs text-quiet">{range}</span>
      )}
    </span>
  );
};
