import type { SmallRuler as Small } from '@/core/job-list/job-summary';
import { percentAlong, type SpanF } from '@/core/units/span';
import { useDegrees } from '@/ui/degrees/degrees';
import { SOURCE_COLOR } from '@/ui/theme/source-colors';

const LANE = 5;
const WIDTH = 120;

/**
 * The outdoor ruler in a list line: range of each source, gaps, design and balance point. Few elements, for long lists.
 */
export const SmallRuler = ({ spanF, lanes, holesF, designF, balanceF }: Small) => {
  const { text } = useDegrees();
  const at = (outdoorF: number) => Math.round((percentAlong(spanF, outdoorF) * WIDTH) / 10) / 10;
  const height = Math.max(1, lanes.length) * LANE;
  const along = (spans: readonly SpanF[], y: number) =>
    spans.map(([from, to]) => `M${at(from)} ${y}H${at(to)}`).join('');
  const across = (outdoorF: number) => `M${at(outdoorF)}-2V${height + 2}`;
  const middle = (lane: number) => lane * LANE + LANE / 2;
  const words = [
    `design ${text(designF)}`,
    balanceF === null ? 'no balance' : `balance ${text(balanceF, 0)}`,
    ...(holesF.length > 0 ? ['a gap where no heat source is allowed to run'] : []),
  ].join(', ');
  return (
    <svg
      role="img"
      aria-label={`Gates: ${words}`}
      viewBox={`0 -2 ${WIDTH} ${height + 4}`}
      className="h-6 w-30 fill-none stroke-ink"
      preserveAspectRatio="none"
    >
      <path className="stroke-line-strong" d={lanes.map((_, lane) => `M0 ${middle(lane)}h${WIDTH}`).join('')} />
      {lanes.map(({ source, openF }, lane) => (
        <path key={lane} stroke={SOURCE_COLOR[source]} strokeWidth={4} d={along(openF, middle(lane))} />
      ))}
      {holesF.length > 0 && (
        <path
          className="stroke-fail"
          strokeWidth={1.5}
          d={holesF.map(([from, to]) => `M${at(from)}-1H${at(to)}V${height + 1}H${at(from)}Z`).join('')}
        />
      )}
      <path d={across(designF)} />
      {balanceF !== null && <path strokeDasharray="2 1.5" d={across(balanceF)} />}
    </svg>
  );
};
