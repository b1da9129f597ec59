import type { BalanceChartData } from '@/core/balance/chart';
import { percentAlong } from '@/core/units/span';
import { SOURCE_COLOR } from '../theme/source-colors';
import { pathOf, percentDown, type Plot } from './plot';
import { RatedClips } from './rated-clips';

/** Color of a line by its source; the load is black. */
export const lineColor = (source: BalanceChartData['lines'][number]['source']): string =>
  source === 'load' ? 'var(--ink)' : SOURCE_COLOR[source];

/** The load band and all lines, scaled to the plot. */
export const Curves = ({ chart, plot }: { chart: BalanceChartData; plot: Plot }) => {
  const corner = (outdoorF: number, btuh: number) => `${percentAlong(plot.spanF, outdoorF)},${percentDown(plot, btuh)}`;
  const band = [
    ...chart.loadBand.map(({ outdoorF, highBtuh }) => corner(outdoorF, highBtuh)),
    ...[...chart.loadBand].reverse().map(({ outdoorF, lowBtuh }) => corner(outdoorF, lowBtuh)),
  ].join(' ');
  return (
    <svg
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      className="absolute inset-0 size-full overflow-hidden"
      aria-hidden
    >
      {chart.range && <path d={`${pathOf(plot, chart.range)}Z`} className="fill-[var(--pine)] opacity-15" />}
      <polygon points={band} className="fill-[var(--ink)] opacity-10" />
      <RatedClips ratedF={chart.ratedF} spanF={plot.spanF} />
      {chart.lines.flatMap(({ id, source, weight, isRated, points }) =>
        (isRated ? (['rated', 'drawn-on'] as const) : [null]).map((part) => (
          <path
            key={`${id}-${part ?? ''}`}
            d={pathOf(plot, points)}
            fill="none"
            stroke={lineColor(source)}
            strokeWidth={weight === 'bold' ? 2.5 : 1.5}
            strokeDasharray={part === 'drawn-on' ? '7 5' : weight === 'fine' ? '2 4' : undefined}
            clipPath={part === null ? undefined : `url(#${part})`}
            vectorEffect="non-scaling-stroke"
          />
        )),
      )}
    </svg>
  );
};
