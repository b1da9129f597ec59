import type { SmallRuler as Small } from '@/core/board/job-summary';
import { percentAlong, type SpanF } from '@/core/units/span';
import { SOURCE_COLOUR } from '@/ui/sources';

const LANE = 5;
const WIDTH = 120;

/** The gate ruler at the size of a line: where each source may run, holes, design and balance. */
export const SmallRuler = ({ spanF, lanes, holesF, designF, balanceF }: Small) => {
  const at = (outdoorF: number) => (percentAlong(spanF, outdoorF) * WIDTH) / 100;
  const bar = ([from, to]: SpanF) => ({ x: at(from), width: Math.max(0, at(to) - at(from)) });
  const height = Math.max(1, lanes.length) * LANE;
  const words = [
    `design ${designF} °F`,
    balanceF === null ? 'no balance' : `balance ${Math.round(balanceF)} °F`,
    ...(holesF.length > 0 ? ['a hole in which nothing may heat'] : []),
  ].join(', ');
  return (
    <svg
      role="img"
      aria-label={`Gates: ${words}`}
      viewBox={`0 -2 ${WIDTH} ${height + 4}`}
      className="h-6 w-30"
      preserveAspectRatio="none"
    >
      <title>{words}</title>
      {lanes.map(({ source, openF }, lane) => (
        <g key={lane}>
          <rect x={0} y={lane * LANE + LANE / 2 - 0.4} width={WIDTH} height={0.8} fill="var(--line-strong)" />
          {openF.map((span) => (
            <rect key={span[0]} {...bar(span)} y={lane * LANE + 0.5} height={LANE - 1} fill={SOURCE_COLOUR[source]} />
          ))}
        </g>
      ))}
      {holesF.map((span) => (
        <rect
          key={span[0]}
          {...bar(span)}
          y={-2}
          height={height + 4}
          fill="none"
          stroke="var(--fail)"
          strokeWidth={1.5}
        />
      ))}
      {[designF, ...(balanceF === null ? [] : [balanceF])].map((mark, number) => (
        <line
          key={number}
          x1={at(mark)}
          x2={at(mark)}
          y1={-2}
          y2={height + 2}
          stroke="var(--ink)"
          strokeWidth={1}
          strokeDasharray={number === 0 ? undefined : '2 1.5'}
        />
      ))}
    </svg>
  );
};
