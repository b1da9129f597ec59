import { memo, useMemo } from 'react';
import type { DayTrace } from '@/core/simulation/day/day';
import { stripSpells } from '@/core/simulation/day/strip-lines';
import type { LaneRow } from './strip-rows';

/** Segments closer than this share of the strip are merged. */
const MOST_STRETCHES = 1400;

/** A source's lane: a bar while it runs, as high as its output. */
export const StripLane = memo(({ row, trace }: { row: LaneRow; trace: DayTrace }) => {
  const count = trace.roomF.length;
  const spells = useMemo(() => stripSpells(row.levels(trace), MOST_STRETCHES), [row, trace]);
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${count} 100`}
      preserveAspectRatio="none"
      className="keeps-color absolute inset-0 size-full overflow-hidden"
    >
      {spells.map(({ fromTick, toTick, level }) => (
        <rect
          key={fromTick}
          x={fromTick}
          width={toTick - fromTick}
          y={100 - (88 * level) / row.most}
          height={(88 * level) / row.most}
          fill={row.colour}
        />
      ))}
    </svg>
  );
});
StripLane.displayName = 'StripLane';
