import type { BalanceChartData } from '@/core/balance/chart';
import { roundTo } from '@/core/units/round';
import { NeedleLine } from '../ruler/needle';
import { pathOf, percentDown, valueTicks } from './plot';

/** COP below the chart on the same scale; in dual fuel with the break-even line. */
export const CopStrip = ({ chart }: { chart: BalanceChartData }) => {
  const { spanF, cop, copEven } = chart;
  const plot = { spanF, most: 1.1 * Math.max(...cop.map(([, value]) => value), copEven ?? 0, 1) };
  return (
    <div className="grid grid-cols-[5.5rem_1fr] pr-6 sm:grid-cols-[9rem_1fr]">
      <div className="relative pr-2 text-right font-mono text-xs text-quiet">
        <span className="absolute top-1/2 right-9 -translate-y-1/2 font-label text-base font-semibold text-pine">
          COP
        </span>
        {valueTicks(plot.most).map((tick) => (
          <span key={tick} className="absolute right-2 -translate-y-1/2" style={{ top: `${percentDown(plot, tick)}%` }}>
            {tick}
          </span>
        ))}
      </div>
      <div className="relative h-20 border-y border-line">
        <svg
          viewBox="0 0 100 100"
          preserveAspectRatio="none"
          className="absolute inset-0 size-full overflow-hidden"
          aria-hidden
        >
          {(['rated', 'drawn-on'] as const).map((part) => (
            <path
              key={part}
              d={pathOf(plot, cop)}
              fill="none"
              className="stroke-[var(--pine)]"
              strokeWidth={2}
              strokeDasharray={part === 'drawn-on' ? '7 5' : undefined}
              clipPath={`url(#${part})`}
              vectorEffect="non-scaling-stroke"
            />
          ))}
          {copEven !== null && (
            <path
              d={pathOf(plot, [
                [spanF[0], copEven],
                [spanF[1], copEven],
              ])}
              className="stroke-[var(--plum)]"
              strokeWidth={1.5}
              strokeDasharray="5 4"
              vectorEffect="non-scaling-stroke"
            />
          )}
        </svg>
        {copEven !== null && (
          <span
            className="absolute right-1 -translate-y-full bg-paper px-1 font-sans text-sm text-plum"
            style={{ top: `${Math.max(20, percentDown(plot, copEven))}%` }}
          >
            break-even COP {roundTo(copEven, 2)}
          </span>
        )}
        <NeedleLine spanF={spanF} />
      </div>
    </div>
  );
};
