import { scaleLinear } from 'd3-scale';
import { curveLinear, curveStepAfter, line } from 'd3-shape';
import { memo, useMemo } from 'react';
import type { DayTrace } from '@/core/simulation/day/day';
import { type StripLine, stripLine } from '@/core/simulation/day/strip-lines';
import type { CurveRow } from './strip-rows';

/** Maximum points of a line: more than a screen is wide. */
const MOST_POINTS = 1600;
/** Share of its height that a curve leaves free above and below. */
const MARGIN = 0.06;

interface Scaled {
  readonly lines: readonly StripLine[];
  readonly least: number;
  readonly most: number;
}

/** Lines of a row on one scale. */
export const scaledLines = (row: CurveRow, trace: DayTrace): Scaled => {
  const lines = row.lines.map(({ values }) => stripLine(values(trace), MOST_POINTS));
  const least = Math.min(...lines.map((line) => line.least));
  const most = Math.max(...lines.map((line) => line.most));
  const spare = Math.max(0, row.leastSpan - (most - least)) / 2;
  return { lines, least: row.isTemperature ? least - spare : 0, most: most + spare * (row.isTemperature ? 1 : 2) };
};

const pathOf = ({ points }: StripLine, count: number, { least, most }: Scaled, isStepped: boolean): string => {
  const x = scaleLinear([0, count], [0, 100]);
  const y = scaleLinear([least, Math.max(most, least + 1e-9)], [100 * (1 - MARGIN), 100 * MARGIN]);
  const path = line<StripLine['points'][number]>(
    ([tick]) => x(tick),
    ([, value]) => y(value),
  );
  return path.curve(isStepped ? curveStepAfter : curveLinear)(points) ?? '';
};

/** A curve over the run's time, rendered once, independent of the cursor. */
export const StripCurve = memo(({ row, trace }: { row: CurveRow; trace: DayTrace }) => {
  const scaled = useMemo(() => scaledLines(row, trace), [row, trace]);
  const count = trace.roomF.length;
  return (
    <svg
      aria-hidden
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      className="absolute inset-0 size-full overflow-hidden"
    >
      {row.lines.map(({ id, colour, isDashed }, at) => (
        <path
          key={id}
          d={pathOf(scaled.lines[at]!, count, scaled, isDashed === true)}
          fill="none"
          stroke={colour}
          strokeWidth={isDashed ? 1.5 : 2}
          strokeDasharray={isDashed ? '5 4' : undefined}
          strokeLinejoin="round"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
});
StripCurve.displayName = 'StripCurve';
